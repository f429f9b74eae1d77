import { Box, Button, Flex, Grid, Heading, Stack, Table, Text } from '@chakra-ui/react';
import { invoiceTotals } from '@sirene/core/invoice';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useSite } from '../../app/session.ts';
import { at, type Invoice, type Site, useAnswer } from '../../shared/api/index.ts';
import { inBackground } from '../../shared/background.ts';
import { EmptyNote } from '../../shared/EmptyNote.tsx';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { count } from '../../shared/format.ts';
import { Waiting } from '../../shared/Waiting.tsx';
import { worth } from '../../shared/worth.ts';
import { shortDay } from '../leads/due.ts';
import { PeopleTabs } from '../PeopleTabs.tsx';
import { WhoButton } from '../WhoButton.tsx';
import { DraftInvoice } from './DraftInvoice.tsx';
import { InvoiceState } from './InvoiceState.tsx';
import { IssuedInvoice } from './IssuedInvoice.tsx';
import { SettingsSheet } from './SettingsSheet.tsx';

/** The invoices of a site, and the one that is open. */
export function InvoicesPage() {
  const { site } = useSite();
  return <PeopleTabs>{site && <Invoices key={site.id} site={site} />}</PeopleTabs>;
}

function Invoices({ site }: { site: Site }) {
  const { data, error, mutate } = useAnswer(at('/api/sites/{site}/invoices', { site: site.id }));
  const { data: settings, mutate: mutateSettings } = useAnswer(
    at('/api/sites/{site}/invoice-settings', { site: site.id }),
  );
  const [search, setSearch] = useSearchParams();
  const [isSetting, setSetting] = useState(false);
  if (error && !data) return <ErrorNote error={error} retry={() => inBackground(mutate())} />;
  if (!data || !settings) return <Waiting what="Loading the invoices" />;
  const open = data.find(({ id }) => id === search.get('invoice')) ?? data[0];
  const changed = () => inBackground(Promise.all([mutate(), mutateSettings()]));
  return (
    <Stack gap="4">
      <Flex justify="space-between" align="center" gap="3">
        <Text color="slate">
          {count(data.length)} {data.length === 1 ? 'invoice' : 'invoices'}
        </Text>
        <Button size="sm" variant="outline" colorPalette="plain" onClick={() => setSetting(true)}>
          Settings and catalogue
        </Button>
      </Flex>
      {isSetting && (
        <SettingsSheet
          site={site}
          settings={settings}
          onChange={() => inBackground(mutateSettings())}
          onClose={() => setSetting(false)}
        />
      )}
      {!open && (
        <EmptyNote title="No invoices yet">
          Open a person and choose “New invoice”: it begins with their name, their address and what their lead
          is worth.
        </EmptyNote>
      )}
      {open && (
        <Grid
          templateColumns={{ base: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 1.5fr)' }}
          gap="4"
          alignItems="start"
        >
          <Box bg="sheet" borderWidth="1px" rounded="md" overflow="hidden">
            <Table.Root size="sm" aria-label="Invoices">
              <Table.Header>
                <Table.Row bg="wash">
                  <Table.ColumnHeader>Invoice</Table.ColumnHeader>
                  <Table.ColumnHeader>State</Table.ColumnHeader>
                  <Table.ColumnHeader textAlign="end">Sum</Table.ColumnHeader>
                </Table.Row>
              </Table.Header>
              <Table.Body>
                {data.map((invoice) => (
                  <InvoiceRow
                    key={invoice.id}
                    invoice={invoice}
                    isOpen={invoice.id === open.id}
                    onOpen={() => setSearch({ invoice: invoice.id }, { replace: true })}
                  />
                ))}
              </Table.Body>
            </Table.Root>
          </Box>
          <Box as="section" aria-label="Invoice" bg="sheet" borderWidth="1px" rounded="md" p="5" minW="0">
            <Flex justify="space-between" mb="4" gap="3">
              <Heading as="h2" fontSize="17px" fontWeight="600">
                {open.number === null ? 'Invoice draft' : `Invoice ${open.number}`}
              </Heading>
              <InvoiceState invoice={open} />
            </Flex>
            {open.number === null ? (
              <DraftInvoice key={open.id} site={site} invoice={open} settings={settings} onChange={changed} />
            ) : (
              <IssuedInvoice key={open.id} site={site} invoice={open} onChange={changed} />
            )}
          </Box>
        </Grid>
      )}
    </Stack>
  );
}

function InvoiceRow({ invoice, isOpen, onOpen }: { invoice: Invoice; isOpen: boolean; onOpen(): void }) {
  const { buyer, number, dueOn, lines, currency } = invoice;
  return (
    <Table.Row bg={isOpen ? 'wash' : undefined}>
      <Table.Cell>
        <WhoButton
          open={isOpen}
          who={{ name: buyer.name || buyer.email, email: number ?? 'Draft' }}
          onOpen={onOpen}
        />
      </Table.Cell>
      <Table.Cell>
        <InvoiceState invoice={invoice} />
        <Text color="slate" fontSize="13px">
          due {shortDay(dueOn)}
        </Text>
      </Table.Cell>
      <Table.Cell textAlign="end" fontVariantNumeric="tabular-nums">
        {worth(invoiceTotals(lines).gross, currency)}
      </Table.Cell>
    </Table.Row>
  );
}
