import { Button, Field, Flex, Input, Stack } from '@chakra-ui/react';
import { useState } from 'react';
import { mutate } from 'swr';
import { at, post, type StoredPage } from '../../shared/api/index.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { FileDrop } from '../../shared/FileDrop.tsx';
import { Sheet } from '../../shared/Sheet.tsx';
import { useAttempt } from '../../shared/use-attempt.ts';
import { useEditing } from '../state/editing.ts';
import { useView } from '../state/view.ts';
import { inBackground } from '../../shared/background.ts';

/** Puts a page of the client's site on the stage: fetched from its address, or from an HTML file. */
export function AddPage({ onClose }: { onClose: () => void }) {
  const { site } = useEditing();
  const { setPage } = useView();
  const [address, setAddress] = useState('');
  const { error, busy, attempt } = useAttempt();
  const path = at('/api/sites/{site}/pages', { site: site.id });
  const [origin = ''] = site.origins;
  const store = (work: () => Promise<StoredPage>) =>
    attempt(async () => {
      const page = await work();
      await mutate(path);
      setPage(page);
      onClose();
    });
  const whole = /^https?:/.test(address) ? address : `${origin}/${address.replace(/^\//, '')}`;
  const takeFile = async (file: File) => {
    const html = await file.text();
    const title = new DOMParser().parseFromString(html, 'text/html').title || file.name;
    const from = address ? whole : `${origin}/${file.name}`;
    return post(path, { address: from, title: title.slice(0, 300), html });
  };
  return (
    <Sheet
      title="Add a page to the stage"
      onClose={onClose}
      onSubmit={() =>
        inBackground(
          store(() => post(at('/api/sites/{site}/pages/fetch', { site: site.id }), { address: whole })),
        )
      }
      foot={
        <Button type="submit" colorPalette="signal" loading={busy} disabled={!address}>
          Fetch page
        </Button>
      }
    >
      <Stack gap="4">
        <Field.Root>
          <Field.Label>URL</Field.Label>
          <Flex w="full">
            <Input
              placeholder={`${origin}/about`}
              value={address}
              onChange={(event) => setAddress(event.target.value)}
            />
          </Flex>
          <Field.HelperText>
            A static copy is kept, without scripts. Only pages on the site’s allowed origins can be fetched.
          </Field.HelperText>
        </Field.Root>
        <FileDrop
          label="Page as HTML"
          text="Or drop the page’s HTML file here"
          accept={{ 'text/html': ['.html', '.htm'] }}
          onFile={(file) => inBackground(store(() => takeFile(file)))}
        />
        {error ? <ErrorNote error={error} /> : null}
      </Stack>
    </Sheet>
  );
}
