import { Box, Button, Flex, Grid, Stack, Table, Text } from '@chakra-ui/react';
import { ChevronDown, ChevronRight, Download, Upload } from 'lucide-react';
import { Fragment, useId, useState } from 'react';
import { Link as RouterLink, useSearchParams } from 'react-router';
import { useSite } from '../app/session.ts';
import {
  at,
  type ListEntry,
  type MailingList,
  type Site,
  useAnswer,
  withQuery,
} from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { EmptyNote } from '../shared/EmptyNote.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { ago, count, exactTime, pathOf } from '../shared/format.ts';
import { Waiting } from '../shared/Waiting.tsx';
import { EntryState } from './EntryState.tsx';
import { ChoiceFilter, ShowMore, WordsFilter } from './Filters.tsx';
import { ImportSheet } from './ImportSheet.tsx';
import { PeopleTabs } from './PeopleTabs.tsx';
import { PickList } from './PickList.tsx';

/** Who is on which mailing list, and by what proof. */
export function ListsPage() {
  const { site } = useSite();
  return <PeopleTabs>{site && <Lists key={site.id} site={site} />}</PeopleTabs>;
}

function Lists({ site }: { site: Site }) {
  const { data, error, mutate } = useAnswer(at('/api/sites/{site}/lists', { site: site.id }), {
    refreshInterval: 5000,
  });
  const [search, setSearch] = useSearchParams();
  if (error && !data) return <ErrorNote error={error} retry={() => inBackground(mutate())} />;
  if (!data) return <Waiting what="Loading the lists" />;
  const open = data.find(({ id }) => id === search.get('list')) ?? data[0];
  if (!open)
    return (
      <EmptyNote title="No mailing lists yet">
        Give a form the action “Mailing list” under Afterwards. Whoever sends it is asked by e-mail to
        confirm, and the list appears here.
      </EmptyNote>
    );
  return (
    <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: '250px minmax(0, 1fr)' }} gap="5" alignItems="start">
      <PickList
        label="Mailing lists"
        items={data.map(({ id, name, counts }) => ({
          id,
          name,
          says: `${count(counts.confirmed)} confirmed`,
        }))}
        open={open.id}
        onOpen={(list) => setSearch({ list }, { replace: true })}
      />
      <Entries key={open.id} site={site} list={open} onChange={() => inBackground(mutate())} />
    </Grid>
  );
}

function Entries({ site, list, onChange }: { site: Site; list: MailingList; onChange(): void }) {
  const [isImporting, setImporting] = useState(false);
  const [state, setState] = useState<ListEntry['state'] | ''>('');
  const [words, setWords] = useState('');
  const [limit, setLimit] = useState(50);
  const which = { site: site.id, list: list.id };
  const filter = { words, ...(state && { state }) };
  const { data, error, mutate } = useAnswer(
    withQuery(at('/api/sites/{site}/lists/{list}/entries', which), { ...filter, limit }),
    { refreshInterval: 5000, keepPreviousData: true },
  );
  const { pending, confirmed, unsubscribed } = list.counts;
  return (
    <Stack gap="3" as="section" aria-label={list.name}>
      <Flex gap="3" align="center" wrap="wrap">
        <WordsFilter
          label={`Search ${list.name}`}
          placeholder="Name or address"
          value={words}
          onChange={setWords}
        />
        <ChoiceFilter
          label="State"
          value={state}
          options={[
            ['', `All (${count(pending + confirmed + unsubscribed)})`],
            ['confirmed', `Confirmed (${count(confirmed)})`],
            ['pending', `Pending (${count(pending)})`],
            ['unsubscribed', `Unsubscribed (${count(unsubscribed)})`],
          ]}
          onChange={(value) => setState(value as ListEntry['state'] | '')}
        />
        <Box flex="1" />
        <Button size="sm" variant="outline" colorPalette="plain" onClick={() => setImporting(true)}>
          <Upload size={15} aria-hidden />
          Import
        </Button>
        <Button asChild size="sm" variant="outline" colorPalette="plain">
          <a href={withQuery(at('/api/sites/{site}/lists/{list}/entries.csv', which), filter)} download>
            <Download size={15} aria-hidden />
            Export as CSV
          </a>
        </Button>
      </Flex>
      {isImporting && (
        <ImportSheet
          site={site}
          list={list}
          onChange={() => {
            inBackground(mutate());
            onChange();
          }}
          onClose={() => setImporting(false)}
        />
      )}
      {error ? <ErrorNote error={error} retry={() => inBackground(mutate())} /> : null}
      {data?.entries.length === 0 && (
        <Box bg="sheet" borderWidth="1px" rounded="md" p="8" textAlign="center" color="slate">
          Nobody here matches.
        </Box>
      )}
      {data && data.entries.length > 0 && (
        <Box bg="sheet" borderWidth="1px" rounded="md" overflow="hidden">
          <Table.Root size="sm" aria-label={`People on ${list.name}`}>
            <Table.Header>
              <Table.Row bg="wash">
                <Table.ColumnHeader>Person</Table.ColumnHeader>
                <Table.ColumnHeader>State</Table.ColumnHeader>
                <Table.ColumnHeader textAlign="end">Since</Table.ColumnHeader>
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {data.entries.map((entry) => (
                <Entry key={entry.person.id} entry={entry} />
              ))}
            </Table.Body>
          </Table.Root>
          {data.next !== null && limit < 200 && <ShowMore onClick={() => setLimit(200)} />}
        </Box>
      )}
    </Stack>
  );
}

const happened = {
  asked: 'Signed up',
  confirmed: 'Confirmed',
  unsubscribed: 'Unsubscribed',
  imported: 'Imported',
} as const;

/** A person on a list; unfolded, the proof of how they came there. */
function Entry({ entry: { person, state, since, events } }: { entry: ListEntry }) {
  const [isOpen, setOpen] = useState(false);
  const proof = useId();
  return (
    <Fragment>
      <Table.Row>
        <Table.Cell>
          <Button
            variant="plain"
            h="auto"
            p="0"
            gap="2"
            justifyContent="start"
            textAlign="start"
            aria-expanded={isOpen}
            aria-controls={isOpen ? proof : undefined}
            onClick={() => setOpen(!isOpen)}
          >
            {isOpen ? <ChevronDown size={14} aria-hidden /> : <ChevronRight size={14} aria-hidden />}
            <Box>
              <Text fontWeight="600">{person.name || person.email}</Text>
              {person.name && (
                <Text color="slate" fontSize="13px" fontWeight="400">
                  {person.email}
                </Text>
              )}
            </Box>
          </Button>
        </Table.Cell>
        <Table.Cell>
          <EntryState state={state} />
        </Table.Cell>
        <Table.Cell textAlign="end" color="slate" whiteSpace="nowrap">
          {ago(since)}
        </Table.Cell>
      </Table.Row>
      {isOpen && (
        <Table.Row bg="wash" id={proof}>
          <Table.Cell colSpan={3} ps="10">
            <Stack as="ol" gap="2" listStyleType="none">
              {events.map((event, at) => (
                <li key={at}>
                  <Text>
                    <b>{happened[event.kind]}</b> {exactTime(event.at)}
                    {event.page && (
                      <Text as="span" color="slate">
                        {' '}
                        on {pathOf(event.page)}
                      </Text>
                    )}
                    {event.submission && (
                      <>
                        {' · '}
                        <RouterLink to={`/people?submission=${event.submission}`}>
                          <Text as="span" color="deep" textDecoration="underline">
                            Submission
                          </Text>
                        </RouterLink>
                      </>
                    )}
                  </Text>
                  {event.words && <Text color="slate">“{event.words}”</Text>}
                </li>
              ))}
            </Stack>
          </Table.Cell>
        </Table.Row>
      )}
    </Fragment>
  );
}
