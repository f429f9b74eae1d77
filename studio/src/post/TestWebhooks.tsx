import { Box, Flex, Stack, Table, Text } from '@chakra-ui/react';
import { useSite } from '../app/session.ts';
import { at, put, type Site, useAnswer } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { Choice } from '../shared/Choice.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { exactTime } from '../shared/format.ts';
import { Row } from '../shared/Row.tsx';
import { Snippet } from '../shared/Snippet.tsx';
import { StateMark } from '../shared/StateMark.tsx';
import { Waiting } from '../shared/Waiting.tsx';

const behaviours = {
  ok: 'Accept (204)',
  fail: 'Fail (500)',
  slow: 'Answer too late',
  gone: 'Want no more (410)',
};

/** The webhook stand-in: what it received, whether the signature was right, and how it is to behave. */
export function TestWebhooks() {
  const { site } = useSite();
  return site ? <Received key={site.id} site={site} /> : null;
}

function Received({ site }: { site: Site }) {
  const path = at('/api/sites/{site}/test-webhooks', { site: site.id });
  const { data, error, mutate } = useAnswer(path, { refreshInterval: 3000 });
  if (error && !data) return <ErrorNote error={error} retry={() => inBackground(mutate())} />;
  if (!data) return <Waiting what="Loading the webhooks" />;
  if (data.url === null) return <Text color="slate">The webhook stand-in runs with the demo only.</Text>;
  const behave = async (behaviour: string) =>
    void (await mutate(await put(path, { behaviour: behaviour as keyof typeof behaviours }), {
      revalidate: false,
    }));
  return (
    <Stack gap="4">
      <Text color="slate" maxW="72ch">
        This receiver checks the signature of each webhook, keeps it, and answers as you choose. Point the
        webhook action of a widget here to try it.
      </Text>
      <Flex gap="6" wrap="wrap" align="end">
        <Box flex="1 1 380px">
          <Snippet label="URL" text={data.url} />
        </Box>
        <Box flex="0 1 300px">
          <Row label="Answers">
            {(id) => (
              <Choice
                id={id}
                value={data.behaviour}
                options={behaviours}
                onChange={(next) => inBackground(behave(next))}
              />
            )}
          </Row>
        </Box>
      </Flex>
      {data.calls.length === 0 ? (
        <Box bg="sheet" borderWidth="1px" rounded="md" p="10" textAlign="center">
          <Text fontWeight="600">No webhooks yet</Text>
          <Text color="slate">
            Add a webhook with this URL under Afterwards, publish, and submit the form: it arrives here.
          </Text>
        </Box>
      ) : (
        <Table.Root size="sm" bg="sheet" borderWidth="1px" rounded="md" aria-label="Webhooks">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Received</Table.ColumnHeader>
              <Table.ColumnHeader>Signature</Table.ColumnHeader>
              <Table.ColumnHeader textAlign="end">Times</Table.ColumnHeader>
              <Table.ColumnHeader textAlign="end">Answered</Table.ColumnHeader>
              <Table.ColumnHeader>Body</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {data.calls.map(({ id, lastAt, genuine, times, answered, body }) => (
              <Table.Row key={id} verticalAlign="top">
                <Table.Cell whiteSpace="nowrap">{exactTime(lastAt)}</Table.Cell>
                <Table.Cell>
                  <StateMark tone={genuine ? 'good' : 'bad'}>{genuine ? 'Valid' : 'Not valid'}</StateMark>
                </Table.Cell>
                <Table.Cell textAlign="end">{times}</Table.Cell>
                <Table.Cell textAlign="end">{answered}</Table.Cell>
                <Table.Cell>
                  <Box as="details">
                    <Box as="summary" cursor="pointer" fontFamily="mono" fontSize="12px">
                      {id}
                    </Box>
                    <Box
                      as="pre"
                      whiteSpace="pre-wrap"
                      wordBreak="break-word"
                      fontFamily="mono"
                      fontSize="12px"
                      mt="2"
                    >
                      {indented(body)}
                    </Box>
                  </Box>
                </Table.Cell>
              </Table.Row>
            ))}
          </Table.Body>
        </Table.Root>
      )}
    </Stack>
  );
}

/** JSON as people read it; what is none stays as it is. */
function indented(body: string): string {
  try {
    return JSON.stringify(JSON.parse(body), null, 2);
  } catch {
    return body;
  }
}
