import { Box, Button, Flex, Grid, Stack, Table, Text } from '@chakra-ui/react';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useSite } from '../app/session.ts';
import { at, post, type Site, type Submission, useAnswer, withQuery } from '../shared/api/index.ts';
import { EmptyNote } from '../shared/EmptyNote.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { ago, count, pathOf } from '../shared/format.ts';
import { DeliverySummary } from './DeliveryList.tsx';
import { ChoiceFilter, ShowMore, WordsFilter } from './Filters.tsx';
import { StateMark } from '../shared/StateMark.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { PeopleTabs } from './PeopleTabs.tsx';
import { WhoButton } from './WhoButton.tsx';
import { SubmissionDetail } from './SubmissionDetail.tsx';
import { inBackground } from '../shared/background.ts';

/** What visitors sent: the list beside the one that is open. */
export function PeoplePage() {
  const { site } = useSite();
  return <PeopleTabs>{site && <Submissions key={site.id} site={site} />}</PeopleTabs>;
}

function Submissions({ site }: { site: Site }) {
  const [search, setSearch] = useSearchParams();
  const [words, setWords] = useState(search.get('words') ?? '');
  const [widget, setWidget] = useState('');
  const [limit, setLimit] = useState(50);
  const [isHeld, setHeld] = useState(false);
  const { data: widgets = [] } = useAnswer(at('/api/sites/{site}/widgets', { site: site.id }));
  const filter = { words, widget, ...(isHeld && { held: 'true' }) };
  const { data, error, mutate } = useAnswer(
    withQuery(at('/api/sites/{site}/submissions', { site: site.id }), { ...filter, limit }),
    { refreshInterval: 5000, keepPreviousData: true },
  );
  const isFiltered = words !== '' || widget !== '' || isHeld;
  const openId = search.get('submission') ?? data?.submissions[0]?.id;
  const open = (submission: string) => setSearch({ submission }, { replace: true });
  const none = (
    <EmptyNote title={isFiltered ? 'No matches' : 'No submissions yet'}>
      {isFiltered
        ? 'Try fewer words, or all widgets.'
        : 'Publish a widget with a form, open the site as a visitor and submit it: it appears here.'}
    </EmptyNote>
  );
  return (
    <Stack gap="4">
      <Flex gap="3" align="center" wrap="wrap">
        <WordsFilter
          label="Search submissions"
          placeholder="Search names, addresses, messages, pages"
          value={words}
          onChange={setWords}
        />
        <ChoiceFilter
          label="Widget"
          value={widget}
          options={[['', 'All widgets'], ...widgets.map(({ id, name }) => [id, name] as const)]}
          onChange={setWidget}
        />
        <Text color="slate" flex="1">
          {data && `${count(data.total)} ${data.total === 1 ? 'submission' : 'submissions'}`}
        </Text>
        {data && (data.held > 0 || isHeld) && (
          <Button
            size="sm"
            variant={isHeld ? 'subtle' : 'outline'}
            colorPalette="plain"
            aria-pressed={isHeld}
            onClick={() => {
              setHeld(!isHeld);
              setSearch({}, { replace: true });
            }}
          >
            Held back as spam ({count(data.held)})
          </Button>
        )}
        <Button asChild size="sm" variant="outline" colorPalette="plain">
          <a href={withQuery(at('/api/sites/{site}/submissions.csv', { site: site.id }), filter)} download>
            <Download size={15} aria-hidden />
            Export as CSV
          </a>
        </Button>
      </Flex>
      {data && data.failed > 0 && (
        <FailedNote site={site} failed={data.failed} onChange={() => inBackground(mutate())} />
      )}
      {error ? <ErrorNote error={error} retry={() => inBackground(mutate())} /> : null}
      {data && data.total === 0 && !openId && none}
      {data && (data.total > 0 || openId) && (
        <Grid
          templateColumns={{ base: 'repeat(2, minmax(0, 1fr))', lg: 'minmax(0, 1fr) 380px' }}
          gap="4"
          alignItems="start"
        >
          {data.total === 0 ? (
            none
          ) : (
            <Box bg="sheet" borderWidth="1px" rounded="md" overflow="hidden">
              <Table.Root size="sm" aria-label="Submissions">
                <Table.Header>
                  <Table.Row bg="wash">
                    <Table.ColumnHeader>Name</Table.ColumnHeader>
                    <Table.ColumnHeader>Widget</Table.ColumnHeader>
                    <Table.ColumnHeader>Page</Table.ColumnHeader>
                    <Table.ColumnHeader>Actions</Table.ColumnHeader>
                    <Table.ColumnHeader textAlign="end">Received</Table.ColumnHeader>
                  </Table.Row>
                </Table.Header>
                <Table.Body>
                  {data.submissions.map((submission) => (
                    <SubmissionRow
                      key={submission.id}
                      submission={submission}
                      open={submission.id === openId}
                      onOpen={() => open(submission.id)}
                    />
                  ))}
                </Table.Body>
              </Table.Root>
              {data.total > data.submissions.length && limit < 200 && (
                <ShowMore onClick={() => setLimit(200)} />
              )}
            </Box>
          )}
          {openId && (
            <SubmissionDetail
              key={openId}
              site={site}
              id={openId}
              onChange={() => {
                // What was acted on stays open, also where the filter no longer finds it.
                open(openId);
                inBackground(mutate());
              }}
            />
          )}
        </Grid>
      )}
    </Stack>
  );
}

/** What was not delivered and is not tried again by itself; all of it can be. */
function FailedNote({ site, failed, onChange }: { site: Site; failed: number; onChange(): void }) {
  const { error, busy, attempt } = useAttempt();
  const repeat = () =>
    attempt(async () => {
      await post(at('/api/sites/{site}/deliveries/repeat-failed', { site: site.id }), { all: true });
      onChange();
    });
  return (
    <Flex bg="sheet" borderWidth="1px" rounded="md" px="4" py="2.5" align="center" gap="4" wrap="wrap">
      <StateMark tone="bad">
        {count(failed)} {failed === 1 ? 'action has' : 'actions have'} failed
      </StateMark>
      <Text color="slate" flex="1">
        Each submission says why. They are not tried again by themselves.
      </Text>
      <Button
        size="xs"
        variant="outline"
        colorPalette="plain"
        loading={busy}
        onClick={() => inBackground(repeat())}
      >
        Try all again
      </Button>
      {error !== null && <ErrorNote error={error} />}
    </Flex>
  );
}

function SubmissionRow({
  submission,
  open,
  onOpen,
}: {
  submission: Submission;
  open: boolean;
  onOpen: () => void;
}) {
  const { person, widget, page, receivedAt, deliveries } = submission;
  return (
    <Table.Row bg={open ? 'wash' : undefined} boxShadow={open ? 'inset 3px 0 0 {colors.deep}' : undefined}>
      <Table.Cell>
        <WhoButton who={person} open={open} onOpen={onOpen} />
      </Table.Cell>
      <Table.Cell>{widget.name}</Table.Cell>
      <Table.Cell color="slate" maxW="200px" truncate title={page}>
        {pathOf(page)}
      </Table.Cell>
      <Table.Cell>
        <DeliverySummary deliveries={deliveries} />
      </Table.Cell>
      <Table.Cell textAlign="end" color="slate" whiteSpace="nowrap">
        {ago(receivedAt)}
      </Table.Cell>
    </Table.Row>
  );
}
