import { Box, Button, Flex, Heading, Text } from '@chakra-ui/react';
import type { ChatMessage } from '@sirene/core/chat';
import { useEffect, useRef } from 'react';
import { at, patch, type Site } from '../shared/api/index.ts';
import { AssigneeSelect, type Member } from '../shared/AssigneeSelect.tsx';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { dateTime } from '../shared/format.ts';
import { Waiting } from '../shared/Waiting.tsx';
import { StateDot } from './StateDot.tsx';
import type { OpenConversation } from './use-conversation.ts';
import { visitorName } from './visitor-name.ts';
import { WritePart } from './WritePart.tsx';

interface Props {
  site: Site;
  members: readonly Member[];
  conversation: OpenConversation;
  /** What is being written, by conversation: going to another loses nothing. */
  drafts: Map<string, string>;
  onChange(): void;
}

/** One conversation: what was written, and the place to answer. */
export function ConversationView({ site, members, conversation, drafts, onChange }: Props) {
  const { about, log, error, catchUp, say } = conversation;
  const list = useRef<HTMLDivElement>(null);
  const count = log.messages.length + log.pending.length;
  useEffect(() => {
    if (list.current) list.current.scrollTop = list.current.scrollHeight;
  }, [count]);
  if (error !== null && !about) return <ErrorNote error={error} retry={() => inBackground(catchUp())} />;
  if (!about) return <Waiting what="Loading the conversation" />;
  const change = (changes: { assignee?: string | null; state?: 'open' | 'closed' }) =>
    inBackground(
      patch(
        at('/api/sites/{site}/conversations/{conversation}', { site: site.id, conversation: about.id }),
        changes,
      ).then(async () => {
        await catchUp();
        onChange();
      }),
    );
  const isClosed = about.state === 'closed';
  return (
    <Flex direction="column" minH="0" h="full">
      <Flex align="center" gap="3" px="4" py="2.5" borderBottomWidth="1px" wrap="wrap">
        <StateDot state={about.state} />
        <Heading as="h2" flex="1" minW="0" truncate fontSize="15px" fontWeight="600">
          {visitorName(about)}
        </Heading>
        <AssigneeSelect
          members={members}
          value={about.assignee}
          onChange={(assignee) => change({ assignee })}
        />
        <Button
          size="xs"
          variant="outline"
          colorPalette="plain"
          onClick={() => change({ state: isClosed ? 'open' : 'closed' })}
        >
          {isClosed ? 'Reopen' : 'End conversation'}
        </Button>
      </Flex>
      <Flex
        ref={list}
        role="log"
        aria-label={`Conversation with ${visitorName(about)}`}
        tabIndex={0}
        direction="column"
        gap="2"
        flex="1"
        minH="0"
        overflow="auto"
        p="4"
      >
        {log.messages.map((message) => (
          <Message key={message.id} {...message} />
        ))}
        {log.pending.map(({ id, text }) => (
          <Message key={id} {...{ id, text, from: 'desk', name: 'Sending …' }} />
        ))}
      </Flex>
      <WritePart
        key={about.id}
        {...{ site, isClosed }}
        visitor={about.name}
        draft={drafts.get(about.id) ?? ''}
        onDraft={(text) => drafts.set(about.id, text)}
        onSay={say}
      />
    </Flex>
  );
}

const looks = {
  visitor: { bg: 'wash', align: 'flex-start' },
  desk: { bg: 'sheet', align: 'flex-end' },
  note: { bg: 'transparent', align: 'stretch' },
} as const;

function Message({
  text,
  from,
  name,
  at,
}: Pick<ChatMessage, 'id' | 'text' | 'from' | 'name'> & { at?: number }) {
  const { bg, align } = looks[from];
  const isNote = from === 'note';
  return (
    <Box
      alignSelf={align}
      maxW={isNote ? undefined : '80%'}
      bg={bg}
      rounded="md"
      px="3"
      py="2"
      borderWidth={from === 'visitor' ? '0' : '1px'}
      borderStyle={isNote ? 'dashed' : 'solid'}
      borderColor={isNote ? 'brass' : undefined}
    >
      <Text color={isNote ? 'brass' : 'slate'} fontSize="12px">
        {isNote ? `Note by ${name}` : name || 'Visitor'}
        {at !== undefined && ` · ${dateTime(at)}`}
      </Text>
      <Text whiteSpace="pre-wrap" overflowWrap="anywhere">
        {text}
      </Text>
    </Box>
  );
}
