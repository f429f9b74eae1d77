import { Box, Button, Code, Flex, Grid, Stack, Table, Text } from '@chakra-ui/react';
import { valueAt } from '@sirene/core/base/maps';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useSite } from '../app/session.ts';
import { at, post, type ListedSheet, type Site, useAnswer } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { CopyButton } from '../shared/CopyButton.tsx';
import { EmptyNote } from '../shared/EmptyNote.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { count, dateTime } from '../shared/format.ts';
import { useAttempt } from '../shared/use-attempt.ts';
import { Waiting } from '../shared/Waiting.tsx';
import { PeopleTabs } from './PeopleTabs.tsx';
import { PickList } from './PickList.tsx';

/** The spreadsheets that submissions add rows to. */
export function SheetsPage() {
  const { site } = useSite();
  return <PeopleTabs>{site && <Sheets key={site.id} site={site} />}</PeopleTabs>;
}

function Sheets({ site }: { site: Site }) {
  const { data, error, mutate } = useAnswer(at('/api/sites/{site}/sheets', { site: site.id }), {
    refreshInterval: 5000,
  });
  const [search, setSearch] = useSearchParams();
  if (error && !data) return <ErrorNote error={error} retry={() => inBackground(mutate())} />;
  if (!data) return <Waiting what="Loading the spreadsheets" />;
  const open = data.find(({ id }) => id === search.get('sheet')) ?? data[0];
  if (!open)
    return (
      <EmptyNote title="No spreadsheets yet">
        Give a form the action “Spreadsheet” under Afterwards. Each submission adds a row, and the spreadsheet
        appears here.
      </EmptyNote>
    );
  return (
    <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: '250px minmax(0, 1fr)' }} gap="5" alignItems="start">
      <PickList
        label="Spreadsheets"
        items={data.map(({ id, name, rows }) => ({
          id,
          name,
          says: `${count(rows)} ${rows === 1 ? 'row' : 'rows'}`,
        }))}
        open={open.id}
        onOpen={(sheet) => setSearch({ sheet }, { replace: true })}
      />
      <Rows key={open.id} site={site} sheet={open} onChange={() => inBackground(mutate())} />
    </Grid>
  );
}

function Rows({ site, sheet, onChange }: { site: Site; sheet: ListedSheet; onChange(): void }) {
  const which = { site: site.id, sheet: sheet.id };
  const { data, error, mutate } = useAnswer(at('/api/sites/{site}/sheets/{sheet}/rows', which), {
    refreshInterval: 5000,
  });
  return (
    <Stack as="section" gap="3" aria-label={sheet.name} minW="0">
      <Flex gap="2" justify="end" wrap="wrap">
        <Button asChild size="sm" variant="outline" colorPalette="plain">
          <a href={at('/api/sites/{site}/sheets/{sheet}/rows.xlsx', which)} download>
            <Download size={15} aria-hidden />
            Export as XLSX
          </a>
        </Button>
        <Button asChild size="sm" variant="outline" colorPalette="plain">
          <a href={at('/api/sites/{site}/sheets/{sheet}/rows.csv', which)} download>
            <Download size={15} aria-hidden />
            Export as CSV
          </a>
        </Button>
      </Flex>
      {error && !data ? <ErrorNote error={error} retry={() => inBackground(mutate())} /> : null}
      {data && (
        <Box
          bg="sheet"
          borderWidth="1px"
          rounded="md"
          overflow="auto"
          maxH="560px"
          tabIndex={0}
          aria-label="Rows"
        >
          <Table.Root size="sm" stickyHeader aria-label={`Rows of ${sheet.name}`} whiteSpace="nowrap">
            <Table.Header>
              <Table.Row bg="wash">
                <Table.ColumnHeader>Received</Table.ColumnHeader>
                {data.columns.map(({ key, label }) => (
                  <Table.ColumnHeader key={key}>{label}</Table.ColumnHeader>
                ))}
              </Table.Row>
            </Table.Header>
            <Table.Body>
              {data.rows.map(({ number, at: received, cells }) => (
                <Table.Row key={number}>
                  <Table.Cell color="slate">{dateTime(received)}</Table.Cell>
                  {data.columns.map(({ key }) => (
                    <Table.Cell key={key} maxW="280px" truncate title={String(valueAt(cells, key) ?? '')}>
                      {valueAt(cells, key)}
                    </Table.Cell>
                  ))}
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </Box>
      )}
      {data && data.rows.length < sheet.rows && (
        <Text color="slate">
          The newest {count(data.rows.length)} of {count(sheet.rows)} rows. All of them are in the files.
        </Text>
      )}
      <SecretAddress which={which} address={sheet.address} onChange={onChange} />
    </Stack>
  );
}

function SecretAddress({
  which,
  address,
  onChange,
}: {
  which: { site: string; sheet: string };
  address: string;
  onChange(): void;
}) {
  const [asked, setAsked] = useState(false);
  const { error, busy, attempt } = useAttempt();
  const renew = () =>
    attempt(async () => {
      await post(at('/api/sites/{site}/sheets/{sheet}/address', which));
      onChange();
    });
  return (
    <Stack gap="2" bg="sheet" borderWidth="1px" rounded="md" p="4">
      <Text fontWeight="600">Secret address</Text>
      <Text color="slate">
        Import this address into a spreadsheet program, which can then refresh it by itself. Whoever has the
        address can read every row; with .xlsx at its end it gives an XLSX file.
      </Text>
      <Flex gap="2" align="center" wrap="wrap">
        <Code overflowWrap="anywhere">{address}</Code>
        <CopyButton text={address} label="Copy" />
        <Button
          size="xs"
          variant="outline"
          colorPalette="plain"
          loading={busy}
          onBlur={() => setAsked(false)}
          onClick={() => {
            setAsked(!asked);
            if (asked) inBackground(renew());
          }}
        >
          {asked ? 'Replace it: the old one stops working' : 'Replace …'}
        </Button>
      </Flex>
      {error !== null && <ErrorNote error={error} />}
    </Stack>
  );
}
