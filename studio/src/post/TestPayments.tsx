import { Box, Stack, Table, Text } from '@chakra-ui/react';
import { useSite } from '../app/session.ts';
import { at, type Site, useAnswer } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { EmptyNote } from '../shared/EmptyNote.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { exactTime } from '../shared/format.ts';
import { PaymentState } from '../shared/PaymentState.tsx';
import { Snippet } from '../shared/Snippet.tsx';
import { StateMark } from '../shared/StateMark.tsx';
import { Waiting } from '../shared/Waiting.tsx';
import { worth } from '../shared/worth.ts';

/** The payment stand-in: its sessions, how each ended, and whether the site has taken the result. */
export function TestPayments() {
  const { site } = useSite();
  return site ? <Sessions key={site.id} site={site} /> : null;
}

function Sessions({ site }: { site: Site }) {
  const path = at('/api/sites/{site}/test-payments', { site: site.id });
  const { data, error, mutate } = useAnswer(path, { refreshInterval: 3000 });
  if (error && !data) return <ErrorNote error={error} retry={() => inBackground(mutate())} />;
  if (!data) return <Waiting what="Loading the payments" />;
  if (data.url === null) return <Text color="slate">The payment stand-in runs with the demo only.</Text>;
  return (
    <Stack gap="4">
      <Text color="slate" maxW="72ch">
        Visitors who are asked to pay come to a page of this stand-in, where they can pay, let the payment
        fail, or cancel. It signs each result and sends it until the site has taken it. No money moves.
      </Text>
      <Box maxW="520px">
        <Snippet label="URL" text={data.url} />
      </Box>
      {data.sessions.length === 0 ? (
        <EmptyNote title="No payments yet">
          Add a payment under Afterwards, publish, and submit the form: it appears here.
        </EmptyNote>
      ) : (
        <Table.Root size="sm" bg="sheet" borderWidth="1px" rounded="md" aria-label="Payments">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Begun</Table.ColumnHeader>
              <Table.ColumnHeader>Description</Table.ColumnHeader>
              <Table.ColumnHeader textAlign="end">Amount</Table.ColumnHeader>
              <Table.ColumnHeader>State</Table.ColumnHeader>
              <Table.ColumnHeader>Result</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {data.sessions.map(({ id, at: begun, description, units, currency, interval, status, told }) => (
              <Table.Row key={id}>
                <Table.Cell whiteSpace="nowrap">{exactTime(begun)}</Table.Cell>
                <Table.Cell>{description}</Table.Cell>
                <Table.Cell textAlign="end">
                  {worth(units, currency)}
                  {interval === 'month' && ' every month'}
                </Table.Cell>
                <Table.Cell>
                  <PaymentState state={status} />
                </Table.Cell>
                <Table.Cell>
                  {status !== 'open' && (
                    <StateMark tone={told ? 'good' : 'waiting'}>{told ? 'Taken' : 'Not taken yet'}</StateMark>
                  )}
                </Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      )}
    </Stack>
  );
}
