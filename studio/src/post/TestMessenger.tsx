import { Box, Button, Field, Flex, Input, Link, Stack, Table, Text, Textarea } from '@chakra-ui/react';
import { useState } from 'react';
import { useSite } from '../app/session.ts';
import { at, put, type Site, type TestChannel, useAnswer } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { Choice } from '../shared/Choice.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { exactTime } from '../shared/format.ts';
import { Row } from '../shared/Row.tsx';
import { StateMark } from '../shared/StateMark.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { Waiting } from '../shared/Waiting.tsx';

type Settings = Pick<TestChannel, 'webhookUrl' | 'domains' | 'behaviour'>;

const behaviours = {
  works: 'Works',
  'wrong signature': 'Sign with a wrong key',
  down: 'Does not answer (503)',
} as const satisfies Record<Settings['behaviour'], string>;

/** The messenger stand-in: its channel, how it is to behave, and what was written there. */
export function TestMessenger() {
  const { site } = useSite();
  return site ? <Channel key={site.id} site={site} /> : null;
}

function Channel({ site }: { site: Site }) {
  const path = at('/api/sites/{site}/test-messenger', { site: site.id });
  const { data, error, mutate } = useAnswer(path, { refreshInterval: 3000 });
  if (error && !data) return <ErrorNote error={error} retry={() => inBackground(mutate())} />;
  if (!data) return <Waiting what="Loading the messenger" />;
  if (data.url === null) return <Text color="slate">The messenger stand-in runs with the demo only.</Text>;
  const save = async (settings: Settings) =>
    void (await mutate(await put(path, settings), { revalidate: false }));
  return (
    <Stack gap="4">
      <Text color="slate" maxW="72ch">
        A chat with a messenger link leads visitors here. What they write stands at the desk, and what is
        answered there is on{' '}
        <Link href={data.link} target="_blank" rel="noreferrer" color="deep">
          the page they write on
        </Link>
        .
      </Text>
      <ChannelSettings
        key={JSON.stringify([data.webhookUrl, data.domains, data.behaviour])}
        data={data}
        onSave={save}
      />
      <Texts texts={data.texts} />
    </Stack>
  );
}

function ChannelSettings({ data, onSave }: { data: Settings; onSave(settings: Settings): Promise<void> }) {
  const { webhookUrl, domains, behaviour } = data;
  const [url, setUrl] = useState(webhookUrl);
  const [written, setWritten] = useState(domains.join('\n'));
  const { error, busy, attempt } = useAttempt();
  const given = written.split(/\s+/).filter(Boolean);
  const isChanged = url !== webhookUrl || given.join() !== domains.join();
  return (
    <Stack gap="3" maxW="620px" bg="sheet" borderWidth="1px" rounded="md" p="4">
      <Row label="Behaviour">
        {(id) => (
          <Choice
            id={id}
            value={behaviour}
            options={behaviours}
            onChange={(next) => inBackground(attempt(() => onSave({ webhookUrl, domains, behaviour: next })))}
          />
        )}
      </Row>
      <Field.Root>
        <Field.Label>Webhook URL</Field.Label>
        <Input size="sm" type="url" value={url} onChange={(event) => setUrl(event.target.value.trim())} />
      </Field.Root>
      <Field.Root>
        <Field.Label>Allowed domains</Field.Label>
        <Textarea
          size="sm"
          rows={3}
          fontFamily="mono"
          fontSize="13px"
          value={written}
          onChange={(event) => setWritten(event.target.value)}
        />
        <Field.HelperText>One per line, such as https://www.place.example.</Field.HelperText>
      </Field.Root>
      {error !== null && <ErrorNote error={error} />}
      <Button
        size="sm"
        alignSelf="start"
        colorPalette="signal"
        loading={busy}
        disabled={!isChanged}
        onClick={() => inBackground(attempt(() => onSave({ webhookUrl: url, domains: given, behaviour })))}
      >
        Save
      </Button>
    </Stack>
  );
}

function Texts({ texts }: Pick<TestChannel, 'texts'>) {
  if (texts.length === 0)
    return (
      <Box bg="sheet" borderWidth="1px" rounded="md" p="10" textAlign="center">
        <Text fontWeight="600">No messages yet</Text>
        <Text color="slate">Open the page above and write one: it stands at the desk at once.</Text>
      </Box>
    );
  return (
    <Table.Root size="sm" bg="sheet" borderWidth="1px" rounded="md" aria-label="Messages">
      <Table.Header>
        <Table.Row>
          <Table.ColumnHeader>Time</Table.ColumnHeader>
          <Table.ColumnHeader>From</Table.ColumnHeader>
          <Table.ColumnHeader>Message</Table.ColumnHeader>
          <Table.ColumnHeader>State</Table.ColumnHeader>
        </Table.Row>
      </Table.Header>
      <Table.Body>
        {texts.map(({ id, at: time, name, text, told }) => (
          <Table.Row key={id} verticalAlign="top">
            <Table.Cell whiteSpace="nowrap">{exactTime(time)}</Table.Cell>
            <Table.Cell whiteSpace="nowrap">{name || 'The desk'}</Table.Cell>
            <Table.Cell whiteSpace="pre-wrap" overflowWrap="anywhere">
              {text}
            </Table.Cell>
            <Table.Cell>
              <Flex>
                <StateMark tone={told ? 'good' : 'waiting'}>{told ? 'Delivered' : 'Waiting'}</StateMark>
              </Flex>
            </Table.Cell>
          </Table.Row>
        ))}
      </Table.Body>
    </Table.Root>
  );
}
