import { Button, Flex, Input, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { at, type Person, post, type Site, useAnswer, withQuery } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { whoIs } from './WhoButton.tsx';

interface Other {
  id: string;
  name: string;
  email: string;
  phone?: string;
}

interface Props {
  site: Site;
  person: Person;
  onChange(): void;
}

/** Who may be the same person, and the way to make them one; it can be undone. */
export function MergePart({ site, person, onChange }: Props) {
  const [words, setWords] = useState('');
  const { error, busy, attempt } = useAttempt();
  const wanted = words.trim();
  const { data } = useAnswer(
    wanted.length > 1 &&
      withQuery(at('/api/sites/{site}/persons', { site: site.id }), { words: wanted, limit: 6 }),
  );
  const found: Other[] =
    wanted === '' ? [] : (data?.persons ?? []).filter(({ id }) => id !== person.id).slice(0, 5);
  const merge = (other: string) =>
    attempt(async () => {
      await post(at('/api/sites/{site}/persons/{person}/merges', { site: site.id, person: person.id }), {
        other,
      });
      setWords('');
      onChange();
    });
  const row = (other: Other, why: string) => (
    <Flex key={other.id} gap="3" align="center">
      <Text flex="1" minW="0" truncate>
        {whoIs(other)}
        <Text as="span" color="slate">
          {' '}
          {why}
        </Text>
      </Text>
      <Button
        size="xs"
        variant="outline"
        colorPalette="plain"
        disabled={busy}
        aria-label={`Merge with ${[other.name, other.email || other.phone].filter(Boolean).join(', ')}`}
        onClick={() => inBackground(merge(other.id))}
      >
        Merge
      </Button>
    </Flex>
  );
  return (
    <Stack gap="2">
      {person.same.map((other) => row(other, '· same phone number'))}
      <Input
        size="sm"
        aria-label="Find a duplicate"
        placeholder="Name or address of a duplicate"
        value={words}
        onChange={({ target }) => setWords(target.value)}
      />
      {found.map((other) => row(other, other.name && other.email ? `· ${other.email}` : ''))}
      {wanted.length > 1 && data && found.length === 0 && <Text color="slate">Nobody else matches.</Text>}
      {error !== null && <ErrorNote error={error} />}
    </Stack>
  );
}
