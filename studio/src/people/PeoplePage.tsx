import { Box, Button, Flex, Grid, Input, NativeSelect, Stack, Table, Text } from '@chakra-ui/react';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useSite } from '../app/session.ts';
import { at, type Site, type Submission, useAnswer, withQuery } from '../shared/api/index.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { ago, count, pathOf } from '../shared/format.ts';
import { DeliverySummary } from './DeliveryList.tsx';
import { PeopleTabs } from './PeopleTabs.tsx';
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
  const openId = search.get('submission') ?? data?.submissions[0]?.id;
  return (
    <Stack gap="4">
      <Flex gap="3" align="center" wrap="wrap">
        <Input
          aria-label="Search submissions"
          placeholder="Search names, addresses, messages, pages"
          bg="sheet"
          maxW="340px"
          size="sm"
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
        <NativeSelect.Root size="sm" w="220px">
          <NativeSelect.Field
            aria-label="Widget"
            bg="sheet"
            value={widget}
            onChange={(event) => setWidget(event.target.value)}
          >
            <option value="">All widgets</option>
            {widgets.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
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
      {error ? <ErrorNote error={error} retry={() => inBackground(mutate())} /> : null}
      {data?.total === 0 && <Nothing filtered={words !== '' || widget !== '' || isHeld} />}
      {data && data.total > 0 && (
        <Grid
          templateColumns={{ base: 'repeat(2, minmax(0, 1fr))', lg: 'minmax(0, 1fr) 380px' }}
          gap="4"
          alignItems="start"
        >
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
                    onOpen={() => setSearch({ submission: submission.id }, { replace: true })}
                  />
                ))}
              </Table.Body>
            </Table.Root>
            {data.total > data.submissions.length && limit < 200 && (
              <Button m="3" size="xs" variant="outline" colorPalette="plain" onClick={() => setLimit(200)}>
                Show more
              </Button>
            )}
          </Box>
          {openId && <SubmissionDetail site={site} id={openId} onChange={() => inBackground(mutate())} />}
        </Grid>
      )}
    </Stack>
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
        <Button
          variant="plain"
          h="auto"
          p="0"
          justifyContent="start"
          textAlign="start"
          aria-pressed={open}
          onClick={onOpen}
          whiteSpace="normal"
        >
          <Box>
            <Text fontWeight="600">{person?.name || person?.email || 'Anonymous'}</Text>
            {person?.name && (
              <Text color="slate" fontSize="13px" fontWeight="400">
                {person.email}
              </Text>
            )}
          </Box>
        </Button>
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

function Nothing({ filtered }: { filtered: boolean }) {
  return (
    <Flex bg="sheet" borderWidth="1px" rounded="md" p="10" direction="column" align="center" gap="2">
      <Text fontWeight="600">{filtered ? 'No matches' : 'No submissions yet'}</Text>
      <Text color="slate">
        {filtered
          ? 'Try fewer words, or all widgets.'
          : 'Publish a widget with a form, open the site as a visitor and submit it: it appears here.'}
      </Text>
    </Flex>
  );
}
