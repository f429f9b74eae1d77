import { Box, Stack, Table, Text } from '@chakra-ui/react';
import { useSite } from '../app/session.ts';
import { at, type Site, useAnswer } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { exactTime } from '../shared/format.ts';
import { Snippet } from '../shared/Snippet.tsx';
import { Waiting } from '../shared/Waiting.tsx';

/** The stand-in for member services: whom it knows, and whom to try it with. */
export function TestMembers() {
  const { site } = useSite();
  return site ? <Known key={site.id} site={site} /> : null;
}

function Known({ site }: { site: Site }) {
  const path = at('/api/sites/{site}/test-members', { site: site.id });
  const { data, error, mutate } = useAnswer(path, { refreshInterval: 3000 });
  if (error && !data) return <ErrorNote error={error} retry={() => inBackground(mutate())} />;
  if (!data) return <Waiting what="Loading the members" />;
  if (data.url === null)
    return <Text color="slate">The stand-in for member services runs with the demo only.</Text>;
  return (
    <Stack gap="4">
      <Text color="slate" maxW="72ch">
        Forms that sign visitors in, register them or send them a link for a new password ask this stand-in,
        until a member service is set up under Site. To try it, sign in as <strong>{data.first.email}</strong>{' '}
        with the password <strong>{data.first.password}</strong>.
      </Text>
      <Box maxW="520px">
        <Snippet label="URL" text={data.url} />
      </Box>
      <Table.Root size="sm" bg="sheet" borderWidth="1px" rounded="md" aria-label="Members">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>Name</Table.ColumnHeader>
            <Table.ColumnHeader>E-mail address</Table.ColumnHeader>
            <Table.ColumnHeader>Member since</Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {data.members.map(({ id, name, email, at: since }) => (
            <Table.Row key={id}>
              <Table.Cell>{name}</Table.Cell>
              <Table.Cell>{email}</Table.Cell>
              <Table.Cell>{exactTime(since)}</Table.Cell>
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
    </Stack>
  );
}
