import { Box, Button, Code, Flex, Grid, Heading, Stack, Tabs, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { at, useAnswer } from '../shared/api/index.ts';
import { MailBody } from '../shared/MailBody.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { Waiting } from '../shared/Waiting.tsx';
import { ago, exactTime } from '../shared/format.ts';
import { Page } from '../shared/Page.tsx';
import { TestMembers } from './TestMembers.tsx';
import { TestMessenger } from './TestMessenger.tsx';
import { TestPayments } from './TestPayments.tsx';
import { TestWebhooks } from './TestWebhooks.tsx';
import { inBackground } from '../shared/background.ts';

const tabs = {
  mailbox: Mailbox,
  webhooks: TestWebhooks,
  payments: TestPayments,
  members: TestMembers,
  messenger: TestMessenger,
};
const tabNames = {
  mailbox: 'Mailbox',
  webhooks: 'Webhooks',
  payments: 'Payments',
  members: 'Members',
  messenger: 'Messenger',
};

/** The stand-ins for services outside: what they were sent, to be read here. */
export function PostPage() {
  return (
    <Page title="Test services">
      <Tabs.Root defaultValue="mailbox" size="sm" lazyMount unmountOnExit>
        <Tabs.List aria-label="Test services" mb="4">
          {Object.entries(tabNames).map(([name, label]) => (
            <Tabs.Trigger key={name} value={name}>
              {label}
            </Tabs.Trigger>
          ))}
        </Tabs.List>
        {Object.entries(tabs).map(([name, Tab]) => (
          <Tabs.Content key={name} value={name} p="0">
            <Tab />
          </Tabs.Content>
        ))}
      </Tabs.Root>
    </Page>
  );
}

/** The mail stand-in: what Sirene would have sent. */
function Mailbox() {
  const { data, error, mutate } = useAnswer(at('/api/post'), { refreshInterval: 3000 });
  const [chosen, setChosen] = useState<string | null>(null);
  const open = chosen ?? data?.[0]?.id;
  return (
    <>
      <Text color="slate" mb="4" maxW="72ch">
        This is the mail stand-in. Mail of your sites and to you arrives here and goes no further, until a
        real mail server is set with <Code>SIRENE_SMTP_URL</Code>.
      </Text>
      {error ? <ErrorNote error={error} retry={() => inBackground(mutate())} /> : null}
      {data?.length === 0 && (
        <Box bg="sheet" borderWidth="1px" rounded="md" p="10" textAlign="center">
          <Text fontWeight="600">No e-mail yet</Text>
          <Text color="slate">
            Submit a form on the demo site: its notification arrives here within a second or two.
          </Text>
        </Box>
      )}
      {data && open && (
        <Grid
          templateColumns={{ base: 'repeat(2, minmax(0, 1fr))', lg: '380px minmax(0, 1fr)' }}
          gap="4"
          alignItems="start"
        >
          <Stack
            as="ul"
            gap="0"
            bg="sheet"
            borderWidth="1px"
            rounded="md"
            overflow="hidden"
            listStyleType="none"
            aria-label="E-mails"
          >
            {data.map((mail) => (
              <Box as="li" key={mail.id} borderTopWidth="1px" _first={{ borderTopWidth: 0 }}>
                <Button
                  variant="plain"
                  w="full"
                  h="auto"
                  p="3"
                  rounded="0"
                  justifyContent="start"
                  textAlign="start"
                  bg={mail.id === open ? 'wash' : undefined}
                  aria-pressed={mail.id === open}
                  onClick={() => setChosen(mail.id)}
                >
                  <Box minW="0" flex="1">
                    <Flex justify="space-between" gap="3">
                      <Text truncate>{mail.recipients.join(', ')}</Text>
                      <Text color="slate" fontSize="13px" fontWeight="400" flex="none">
                        {ago(mail.receivedAt)}
                      </Text>
                    </Flex>
                    <Text truncate color="slate" fontWeight="400">
                      {mail.subject}
                    </Text>
                  </Box>
                </Button>
              </Box>
            ))}
          </Stack>
          <MailText id={open} />
        </Grid>
      )}
    </>
  );
}

function MailText({ id }: { id: string }) {
  const { data, error } = useAnswer(at('/api/post/{mail}', { mail: id }), { keepPreviousData: true });
  if (error && !data) return <ErrorNote error={error} />;
  if (!data) return <Waiting what="Loading the e-mail" />;
  return (
    <Box as="section" aria-label="E-mail" bg="sheet" borderWidth="1px" rounded="md" p="6">
      <Heading as="h2" fontSize="18px" fontWeight="600" mb="3">
        {data.subject}
      </Heading>
      <Text color="slate">From {data.sender}</Text>
      <Text color="slate">To {data.recipients.join(', ')}</Text>
      <Text color="slate" mb="4">
        {exactTime(data.receivedAt)}
      </Text>
      <MailBody text={data.text} html={data.html} />
      {data.attachments.map(({ name, type, text }) => (
        <Box as="details" key={name} mt="4" fontSize="13px">
          <Box as="summary" cursor="pointer">
            {name}{' '}
            <Text as="span" color="slate">
              {type}
            </Text>
          </Box>
          <Box as="pre" whiteSpace="pre-wrap" wordBreak="break-all" fontFamily="mono" fontSize="12px" mt="2">
            {text}
          </Box>
        </Box>
      ))}
      <Box as="details" mt="5" color="slate" fontSize="13px">
        <Box as="summary" cursor="pointer">
          Headers ({data.headers.length})
        </Box>
        <Box as="pre" whiteSpace="pre-wrap" wordBreak="break-all" fontFamily="mono" fontSize="12px" mt="2">
          {data.headers.map(({ name, value }) => `${name}: ${value}`).join('\n')}
        </Box>
      </Box>
    </Box>
  );
}
