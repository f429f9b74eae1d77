import { Badge, Box, Button, Flex, Grid, Stack, Table, Text } from '@chakra-ui/react';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useSite } from '../app/session.ts';
import { at, type ListedPerson, type Site, useAnswer, withQuery } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { EmptyNote } from '../shared/EmptyNote.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { ago, count } from '../shared/format.ts';
import { ChoiceFilter, ShowMore, WordsFilter } from './Filters.tsx';
import { PeopleTabs } from './PeopleTabs.tsx';
import { PersonDetail } from './PersonDetail.tsx';
import { WhoButton } from './WhoButton.tsx';

/** Everybody who has sent something: the list beside the one who is open. */
export function PersonsPage() {
  const { site } = useSite();
  return <PeopleTabs>{site && <Persons key={site.id} site={site} />}</PeopleTabs>;
}

function Persons({ site }: { site: Site }) {
  const [search, setSearch] = useSearchParams();
  const [words, setWords] = useState('');
  const [tag, setTag] = useState('');
  const [limit, setLimit] = useState(50);
  const { data, error, mutate } = useAnswer(
    withQuery(at('/api/sites/{site}/persons', { site: site.id }), { words, tag, limit }),
    { refreshInterval: 5000, keepPreviousData: true },
  );
  const openId = search.get('person') ?? data?.persons[0]?.id;
  const isFiltered = words !== '' || tag !== '';
  return (
    <Stack gap="4">
      <Flex gap="3" align="center" wrap="wrap">
        <WordsFilter
          label="Search persons"
          placeholder="Name, address or phone"
          value={words}
          onChange={setWords}
        />
        {data && data.tags.length > 0 && (
          <ChoiceFilter
            label="Tag"
            value={tag}
            options={[['', 'All tags'], ...data.tags.map((one) => [one, one] as const)]}
            onChange={setTag}
          />
        )}
        <Text color="slate" flex="1">
          {data && `${count(data.total)} ${data.total === 1 ? 'person' : 'persons'}`}
        </Text>
        {(['vcf', 'csv'] as const).map((ending) => (
          <Button key={ending} asChild size="sm" variant="outline" colorPalette="plain">
            <a
              href={withQuery(at(`/api/sites/{site}/persons.${ending}`, { site: site.id }), { words, tag })}
              download
            >
              <Download size={15} aria-hidden />
              Export as {ending === 'vcf' ? 'vCard' : 'CSV'}
            </a>
          </Button>
        ))}
      </Flex>
      {error ? <ErrorNote error={error} retry={() => inBackground(mutate())} /> : null}
      {data?.total === 0 && (
        <EmptyNote title={isFiltered ? 'No matches' : 'Nobody yet'}>
          {isFiltered
            ? 'Try fewer words, or all tags.'
            : 'Whoever sends a form with an e-mail field appears here.'}
        </EmptyNote>
      )}
      {data && data.total > 0 && (
        <Grid
          templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1.1fr)' }}
          gap="4"
          alignItems="start"
        >
          <Box bg="sheet" borderWidth="1px" rounded="md" overflow="hidden">
            <Table.Root size="sm" aria-label="Persons">
              <Table.Header>
                <Table.Row bg="wash">
                  <Table.ColumnHeader>Name</Table.ColumnHeader>
                  <Table.ColumnHeader>Tags</Table.ColumnHeader>
                  <Table.ColumnHeader textAlign="end">Last activity</Table.ColumnHeader>
                </Table.Row>
              </Table.Header>
              <Table.Body>
                {data.persons.map((person) => (
                  <PersonRow
                    key={person.id}
                    person={person}
                    open={person.id === openId}
                    onOpen={() => setSearch({ person: person.id }, { replace: true })}
                  />
                ))}
              </Table.Body>
            </Table.Root>
            {data.next !== null && limit < 200 && <ShowMore onClick={() => setLimit(200)} />}
          </Box>
          {openId && (
            <PersonDetail
              key={openId}
              site={site}
              id={openId}
              tags={data.tags}
              onChange={() => inBackground(mutate())}
              onErased={() => setSearch({}, { replace: true })}
            />
          )}
        </Grid>
      )}
    </Stack>
  );
}

function PersonRow({ person, open, onOpen }: { person: ListedPerson; open: boolean; onOpen(): void }) {
  const { tags, lastAt } = person;
  return (
    <Table.Row bg={open ? 'wash' : undefined} boxShadow={open ? 'inset 3px 0 0 {colors.deep}' : undefined}>
      <Table.Cell>
        <WhoButton who={person} open={open} onOpen={onOpen} />
      </Table.Cell>
      <Table.Cell>
        <Flex gap="1" wrap="wrap">
          {tags.map((tag) => (
            <Badge key={tag} variant="outline" colorPalette="plain">
              {tag}
            </Badge>
          ))}
        </Flex>
      </Table.Cell>
      <Table.Cell textAlign="end" color="slate" whiteSpace="nowrap">
        {ago(lastAt)}
      </Table.Cell>
    </Table.Row>
  );
}
