import { Button, Field, Input, Stack, Text } from '@chakra-ui/react';
import { ExternalLink } from 'lucide-react';
import { useState } from 'react';
import { TitledPopover } from '../../shared/TitledPopover.tsx';
import { at, post } from '../../shared/api/index.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { Snippet } from '../../shared/Snippet.tsx';
import { inBackground } from '../../shared/background.ts';
import { useAttempt } from '../../shared/use-attempt.ts';
import { useEditing } from '../state/editing.ts';
import { useView } from '../state/view.ts';

/** A link by which the drafts run on the client's live page, before they are published. */
export function TryLive() {
  const { site, autosave } = useEditing();
  const { page } = useView();
  const [typed, setTyped] = useState<string | null>(null);
  const [made, setMade] = useState<{ link: string; expiresAt: number } | null>(null);
  const { error, busy, attempt } = useAttempt();
  const address = typed ?? page?.address ?? site.origins[0] ?? '';
  const make = () =>
    attempt(async () => {
      // What was just typed is part of the draft that is tried.
      await autosave.flush();
      setMade(await post(at('/api/sites/{site}/tries', { site: site.id }), { address }));
    });
  return (
    <TitledPopover
      title="Try on the live page"
      width="400px"
      placement="top-end"
      onClose={() => setMade(null)}
      trigger={
        <Button size="xs" variant="outline" colorPalette="plain">
          <ExternalLink size={13} aria-hidden />
          Try live
        </Button>
      }
    >
      <Stack gap="3">
        <Text color="slate">
          The site’s drafts run on its real page, with a panel that says why each widget is there or not. Only
          whoever opens the link sees them; nothing is sent or counted.
        </Text>
        <Field.Root>
          <Field.Label>Page</Field.Label>
          <Input
            size="sm"
            value={address}
            maxLength={2000}
            onChange={(event) => {
              setTyped(event.target.value);
              setMade(null);
            }}
          />
        </Field.Root>
        {error !== null && <ErrorNote error={error} />}
        {made ? (
          <>
            <Button asChild size="sm" colorPalette="plain" alignSelf="start">
              <a href={made.link} target="_blank" rel="noreferrer">
                Open the page
              </a>
            </Button>
            <Snippet label="Link for others" text={made.link} />
            <Text color="slate" fontSize="13px">
              Works until{' '}
              {new Date(made.expiresAt).toLocaleTimeString([], {
                hour: '2-digit',
                minute: '2-digit',
              })}
              .
            </Text>
          </>
        ) : (
          <Button
            size="sm"
            colorPalette="plain"
            alignSelf="start"
            disabled={busy}
            onClick={() => inBackground(make())}
          >
            Create link
          </Button>
        )}
      </Stack>
    </TitledPopover>
  );
}
