import { Box, Button, Code, Flex, Popover, Portal, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import useSWR from 'swr';
import { get, post, type Install, type Widget } from '../shared/api.ts';
import { CopyButton } from '../shared/CopyButton.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { ago } from '../shared/format.ts';
import { StateMark } from '../shared/StateMark.tsx';
import { useSettledDocument, useEditor } from './state/editor.tsx';

/** Saves, publishes, and says whether the site will really show it. */
export function PublishButton({ disabled }: { disabled: boolean }) {
  const { widget, autosave } = useEditor();
  const [result, setResult] = useState<{ error: unknown } | null>(null);
  const [busy, setBusy] = useState(false);
  const publish = async () => {
    setBusy(true);
    try {
      await autosave.flush();
      autosave.published(await post<Widget>(`/api/widgets/${widget.id}/publish`, { base: autosave.version }));
      setResult({ error: null });
    } catch (error) {
      setResult({ error });
    } finally {
      setBusy(false);
    }
  };
  return (
    <Popover.Root
      lazyMount
      unmountOnExit
      open={result !== null}
      onOpenChange={({ open }) => !open && setResult(null)}
      positioning={{ placement: 'bottom-end' }}
    >
      <Popover.Anchor>
        <Button
          size="xs"
          colorPalette="signal"
          loading={busy}
          disabled={disabled}
          onClick={() => void publish()}
        >
          Publish
        </Button>
      </Popover.Anchor>
      <Portal>
        <Popover.Positioner>
          <Popover.Content w="460px" aria-label="Publishing">
            <Popover.Body p="4">
              {result?.error ? <ErrorNote error={result.error} /> : <Published />}
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}

function Published() {
  const { widget, site } = useEditor();
  const { placement } = useSettledDocument();
  const { data } = useSWR(`/api/sites/${site.id}/install`, get<Install>, { refreshInterval: 3000 });
  const marker = `<div data-sirene="${widget.slug}"></div>`;
  const tag = `<script async src="${location.origin}/embed.js" data-site="${site.key}"></script>`;
  return (
    <Stack gap="3">
      <Popover.Title fontWeight="600">Published</Popover.Title>
      <Text>Visitors of {site.name} get this version from their next page on.</Text>
      {placement.type === 'inline' && (
        <Snippet label="Put this where it shall stand in the page" text={marker} />
      )}
      {data?.connected && data.at !== null ? (
        <Box>
          <StateMark tone="good">The site is connected</StateMark>
          <Text color="slate">
            The script was last seen {ago(data.at)}, on {data.page}
          </Text>
        </Box>
      ) : (
        <>
          <StateMark tone="waiting">The script has not been seen on the site yet</StateMark>
          <Snippet label="Put this once into the head of every page" text={tag} />
        </>
      )}
    </Stack>
  );
}

function Snippet({ label, text }: { label: string; text: string }) {
  return (
    <Box>
      <Text mb="1">{label}</Text>
      <Flex gap="2" bg="wash" p="2" rounded="md" align="center">
        <Code bg="transparent" fontSize="12px" flex="1" whiteSpace="pre-wrap" wordBreak="break-all">
          {text}
        </Code>
        <CopyButton text={text} label="Copy" />
      </Flex>
    </Box>
  );
}
