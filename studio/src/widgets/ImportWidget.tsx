import { Box, Code, Stack, Tabs, Text } from '@chakra-ui/react';
import { useNavigate } from 'react-router';
import { ApiError, at, post, type Site } from '../shared/api/index.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { FromForm } from './FromForm.tsx';
import { FileDrop } from '../shared/FileDrop.tsx';
import { Sheet } from '../shared/Sheet.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { inBackground } from '../shared/background.ts';

interface Problem {
  path: string;
  reason: string;
}

/** Takes a widget in: as JSON, or from a form that the site has already. */
export function ImportWidget({ site, onClose }: { site: Site; onClose: () => void }) {
  return (
    <Sheet title={`Import a widget to ${site.name}`} size="lg" onClose={onClose}>
      <Tabs.Root defaultValue="json" size="sm" lazyMount>
        <Tabs.List aria-label="Import from">
          <Tabs.Trigger value="json">JSON file</Tabs.Trigger>
          <Tabs.Trigger value="form">Form on a page</Tabs.Trigger>
        </Tabs.List>
        <Tabs.Content value="json" pt="4">
          <FromJson site={site} />
        </Tabs.Content>
        <Tabs.Content value="form" pt="4">
          <FromForm site={site} />
        </Tabs.Content>
      </Tabs.Root>
    </Sheet>
  );
}

/** A widget as JSON. What is wrong with a file is said with its path. */
function FromJson({ site }: { site: Site }) {
  const navigate = useNavigate();
  const { error, attempt } = useAttempt();
  const take = (file: File) =>
    attempt(async () => {
      const document = readJson(await file.text(), file.name);
      const named = (document as { name?: unknown }).name;
      const name = typeof named === 'string' && named.trim() ? named : file.name.replace(/\.json$/i, '');
      const widget = await post(at('/api/sites/{site}/widgets', { site: site.id }), {
        name: name.slice(0, 120),
        document: document as object,
      });
      await navigate(`/widgets/${widget.id}`, { state: { copyOf: file.name } });
    });
  const problems = error instanceof ApiError ? ((error.body['problems'] ?? []) as Problem[]) : [];
  return (
    <Stack gap="4">
      <FileDrop
        label="Widget as JSON"
        text="Drop a widget’s JSON file here"
        accept={{ 'application/json': ['.json'] }}
        onFile={(file) => inBackground(take(file))}
      />
      {error ? <ErrorNote error={error} /> : null}
      {problems.length > 1 && (
        <Box as="ul" listStyleType="none">
          {problems.map(({ path, reason }) => (
            <Box as="li" key={path + reason} py="1" borderTopWidth="1px">
              <Code variant="plain">{path || 'the document'}</Code> {reason}
            </Box>
          ))}
        </Box>
      )}
      <Text color="slate">
        The format is described at <a href="/schema/widget.json">/schema/widget.json</a>. The widget comes as
        a draft.
      </Text>
    </Stack>
  );
}

function readJson(text: string, name: string): unknown {
  try {
    const read: unknown = JSON.parse(text);
    if (typeof read === 'object' && read !== null && !Array.isArray(read)) return read;
  } catch {
    throw new Error(`${name} is not JSON. Choose a file that was saved with “Save as JSON”.`);
  }
  throw new Error(`${name} contains no widget. Choose a file that was saved with “Save as JSON”.`);
}
