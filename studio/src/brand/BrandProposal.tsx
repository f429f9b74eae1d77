import { Button, Field, Flex, Input, Stack } from '@chakra-ui/react';
import { completeBrand, mergeTokens } from '@sirene/core/style';
import type { Proposal } from '@sirene/core/library/proposal';
import { useState } from 'react';
import { at, post, useAnswer } from '../shared/api/index.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { FileDrop } from '../shared/FileDrop.tsx';
import { Sheet } from '../shared/Sheet.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { useBrandEditing } from './brand-context.ts';
import { ProposalView } from './ProposalView.tsx';
import { inBackground } from '../shared/background.ts';

/** Proposes a brand from a page of the client: its colours by use, its typefaces, its corners. */
export function BrandProposal({ onClose }: { onClose: () => void }) {
  const { brand, site, change } = useBrandEditing();
  const { data: pages = [] } = useAnswer(at('/api/sites/{site}/pages', { site: site.id }));
  const [address, setAddress] = useState('');
  const [found, setFound] = useState<Proposal | null>(null);
  const { error, busy, attempt } = useAttempt();
  const look = (asked: { address: string } | { html: string }) =>
    attempt(async () =>
      setFound(await post(at('/api/sites/{site}/brand/proposal', { site: site.id }), asked)),
    );
  const asked = address || pages[0]?.address || site.origins[0] || '';
  const proposed = found && { ...brand, tokens: mergeTokens(brand.tokens, found.tokens) };
  return (
    <Sheet
      title="Import brand from a page"
      size="lg"
      onClose={onClose}
      foot={
        <Button
          colorPalette="signal"
          disabled={!proposed}
          onClick={() => {
            if (proposed) change(completeBrand(proposed), '');
            onClose();
          }}
        >
          Use proposal
        </Button>
      }
    >
      <Stack gap="4">
        <Field.Root>
          <Field.Label>Address of a page of {site.name}</Field.Label>
          <Flex gap="2" w="full">
            <Input
              size="sm"
              value={address}
              placeholder={pages[0]?.address ?? `${site.origins[0] ?? 'https://…'}/`}
              onChange={(event) => setAddress(event.target.value)}
            />
            <Button
              size="sm"
              variant="outline"
              colorPalette="plain"
              loading={busy}
              onClick={() => inBackground(look({ address: asked }))}
            >
              Read page
            </Button>
          </Flex>
          <Field.HelperText>Only pages on the site’s allowed origins can be read.</Field.HelperText>
        </Field.Root>
        <FileDrop
          label="Page as HTML"
          text="Or drop the page’s HTML file here"
          accept={{ 'text/html': ['.html', '.htm'] }}
          onFile={(file) => inBackground(file.text().then((html) => look({ html })))}
        />
        {error ? <ErrorNote error={error} /> : null}
        {found && proposed && <ProposalView found={found} brand={proposed} />}
      </Stack>
    </Sheet>
  );
}
