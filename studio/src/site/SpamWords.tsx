import { Button, Flex, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { mutate } from 'swr';
import { at, patch, type Site } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { Panel } from '../shared/Panel.tsx';
import { PatternList } from '../shared/PatternList.tsx';
import { StateMark } from '../shared/StateMark.tsx';
import { useAttempt } from '../shared/use-attempt.ts';

const problemOf = (words: string): string | null =>
  words.length > 60 ? 'is longer than 60 characters' : null;

/** Words by which the site's submissions are held back as spam. */
export function SpamWords({ site }: { site: Site }) {
  const [words, setWords] = useState<readonly string[]>(site.unwantedWords);
  const [saved, setSaved] = useState(false);
  const { error, busy, attempt } = useAttempt();
  const save = () =>
    attempt(async () => {
      const unwantedWords = [...new Set(words.map((one) => one.toLowerCase()))];
      await patch(at('/api/sites/{site}', { site: site.id }), { unwantedWords });
      await mutate('/api/sites');
      setSaved(true);
    });
  return (
    <Panel title="Spam">
      <Stack gap="3" align="start">
        <PatternList
          label="Unwanted words"
          help="One word or phrase per line. A submission that holds one is held back; nobody is told of it until somebody lets it through."
          value={words}
          problem={problemOf}
          onChange={(next) => {
            setSaved(false);
            setWords(next);
          }}
        />
        <Flex gap="3" align="center">
          <Button
            size="sm"
            colorPalette="signal"
            loading={busy}
            disabled={String(words) === String(site.unwantedWords)}
            onClick={() => inBackground(save())}
          >
            Save
          </Button>
          {saved && (
            <Text role="status">
              <StateMark tone="good">Saved</StateMark>
            </Text>
          )}
        </Flex>
        {error !== null && <ErrorNote error={error} />}
      </Stack>
    </Panel>
  );
}
