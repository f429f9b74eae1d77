import { Box, Button, Flex, Heading, Stack, Text, Textarea } from '@chakra-ui/react';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { Link as RouterLink } from 'react-router';
import { at, patch, type Person, post, remove, type Site, useAnswer } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { dateTime } from '../shared/format.ts';
import { TagField } from '../shared/TagField.tsx';
import { TwiceButton } from '../shared/TwiceButton.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { Waiting } from '../shared/Waiting.tsx';
import { EntryState } from './EntryState.tsx';
import { InvoicesOf } from './invoices/InvoicesOf.tsx';
import { LeadsOf } from './leads/LeadsOf.tsx';
import { Part } from './Part.tsx';
import { MergePart } from './MergePart.tsx';
import { Timeline } from './Timeline.tsx';
import { whoIs } from './WhoButton.tsx';

interface Props {
  site: Site;
  id: string;
  /** Every tag of the site, to choose from. */
  tags: readonly string[];
  onChange(): void;
  onErased(): void;
}

/** One person: who they are, their leads and lists, and all that happened, the last first. */
export function PersonDetail({ site, id, tags, onChange, onErased }: Props) {
  const path = at('/api/sites/{site}/persons/{person}', { site: site.id, person: id });
  const { data, error, mutate } = useAnswer(path, { refreshInterval: 5000 });
  const changed = () => {
    inBackground(mutate());
    onChange();
  };
  if (error && !data) return <ErrorNote error={error} retry={() => inBackground(mutate())} />;
  if (!data) return <Waiting what="Loading the person" />;
  return (
    <Box as="section" aria-label="Person" bg="sheet" borderWidth="1px" rounded="md" p="5">
      <Heading as="h2" fontSize="17px" fontWeight="600">
        {whoIs(data)}
      </Heading>
      {[data.email, ...data.aliases, data.phone]
        .filter((one) => one !== '' && one !== whoIs(data))
        .map((one) => (
          <Text key={one} color="slate">
            {one}
          </Text>
        ))}
      <Stack gap="5" mt="4">
        <Tags person={data} path={path} known={tags} onChange={changed} />
        <Part title="Leads">
          <LeadsOf site={site} person={data} onChange={changed} />
        </Part>
        <Part title="Invoices">
          <InvoicesOf site={site} person={data} />
        </Part>
        {data.lists.length > 0 && (
          <Part title="Lists">
            {data.lists.map((list) => (
              <Flex key={list.id} justify="space-between" gap="3">
                <RouterLink to={`/people/lists?list=${list.id}`}>
                  <Text as="span" color="deep" textDecoration="underline">
                    {list.name}
                  </Text>
                </RouterLink>
                <EntryState state={list.state} />
              </Flex>
            ))}
          </Part>
        )}
        <Part title="Timeline">
          <NewNote site={site} id={id} onChange={changed} />
          <Timeline site={site} person={data} onChange={changed} />
        </Part>
        <Part title="Duplicates">
          <MergePart site={site} person={data} onChange={changed} />
        </Part>
        <Part title="Their data">
          <Text color="slate" fontSize="13px">
            Known since {dateTime(data.firstAt)}. What is kept of them can be handed over, and erased for
            good.
          </Text>
          <Flex gap="2" align="center">
            <Button asChild size="xs" variant="outline" colorPalette="plain">
              <a
                href={at('/api/sites/{site}/persons/{person}/export.json', { site: site.id, person: id })}
                download
              >
                <Download size={13} aria-hidden />
                Export as JSON
              </a>
            </Button>
            <Button asChild size="xs" variant="outline" colorPalette="plain">
              <a
                href={at('/api/sites/{site}/persons/{person}/export.zip', { site: site.id, person: id })}
                download
              >
                <Download size={13} aria-hidden />
                With files (ZIP)
              </a>
            </Button>
            <Erase path={path} onErased={onErased} />
          </Flex>
        </Part>
      </Stack>
    </Box>
  );
}

type PersonPath = ReturnType<typeof at<'/api/sites/{site}/persons/{person}'>>;

function Tags({
  person,
  path,
  known,
  onChange,
}: {
  person: Person;
  path: PersonPath;
  known: readonly string[];
  onChange(): void;
}) {
  const { error, attempt } = useAttempt();
  const set = (tags: string[]) =>
    attempt(async () => {
      await patch(path, { tags });
      onChange();
    });
  return (
    <Stack gap="1">
      <TagField tags={person.tags} known={known} most={30} onChange={(tags) => inBackground(set(tags))} />
      {error !== null && <ErrorNote error={error} />}
    </Stack>
  );
}

function NewNote({ site, id, onChange }: { site: Site; id: string; onChange(): void }) {
  const [text, setText] = useState('');
  const { error, busy, attempt } = useAttempt();
  const add = () =>
    attempt(async () => {
      await post(at('/api/sites/{site}/persons/{person}/notes', { site: site.id, person: id }), { text });
      setText('');
      onChange();
    });
  return (
    <Stack gap="2" mb="2">
      <Textarea
        aria-label="Note"
        placeholder="Write a note"
        size="sm"
        rows={2}
        autoresize
        maxLength={5000}
        value={text}
        onChange={({ target }) => setText(target.value)}
      />
      {text.trim() !== '' && (
        <Button
          size="xs"
          colorPalette="signal"
          alignSelf="start"
          loading={busy}
          onClick={() => inBackground(add())}
        >
          Add note
        </Button>
      )}
      {error !== null && <ErrorNote error={error} />}
    </Stack>
  );
}

/** Erases a person for good. */
function Erase({ path, onErased }: { path: PersonPath; onErased(): void }) {
  const { error, busy, attempt } = useAttempt();
  const erase = () =>
    attempt(async () => {
      await remove(path);
      onErased();
    });
  return (
    <>
      <TwiceButton
        label="Erase …"
        again="Erase the person and all they sent"
        busy={busy}
        onPress={() => inBackground(erase())}
      />
      {error !== null && <ErrorNote error={error} />}
    </>
  );
}
