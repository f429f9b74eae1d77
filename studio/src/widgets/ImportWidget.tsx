import { Box, Code, Stack, Text } from '@chakra-ui/react';
import { useNavigate } from 'react-router';
import { ApiError, at, post, type Site } from '../shared/api/index.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { FileDrop } from '../shared/FileDrop.tsx';
import { Sheet } from '../shared/Sheet.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { inBackground } from '../shared/background.ts';

interface Problem {
  path: string;
  reason: string;
}

/** Takes a widget in as JSON. What is wrong with a file is said with its path. */
export function ImportWidget({ site, onClose }: { site: Site; onClose: () => void }) {
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
    <Sheet title={`Import a widget to ${site.name}`} onClose={onClose}>
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
          The format is described at <a href="/schema/widget.json">/schema/widget.json</a>. The widget comes
          as a draft.
        </Text>
      </Stack>
    </Sheet>
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
