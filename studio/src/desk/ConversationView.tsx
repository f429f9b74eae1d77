import { Button, Flex, Heading, Text } from '@chakra-ui/react';
import { useEffect, useRef } from 'react';
import { at, patch, type DeskGroup, type Site } from '../shared/api/index.ts';
import { AssigneeSelect, type Member } from '../shared/AssigneeSelect.tsx';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { Waiting } from '../shared/Waiting.tsx';
import { Message } from './Message.tsx';
import { SnoozeMenu } from './SnoozeMenu.tsx';
import { StateDot } from './StateDot.tsx';
import { TranscriptMenu } from './TranscriptMenu.tsx';
import type { OpenConversation } from './use-conversation.ts';
import type { VisitorSigns } from './use-desk-line.ts';
import { visitorName } from './visitor-name.ts';
import { WritePart } from './WritePart.tsx';

interface Props {
  site: Site;
  members: readonly Member[];
  groups: readonly DeskGroup[];
  conversation: OpenConversation;
  signs: VisitorSigns | null;
  /** What is being written, by conversation: going to another loses nothing. */
  drafts: Map<string, string>;
  onTyping(): void;
  onSent(): void;
  onChange(): void;
}

interface Changes {
  assignee?: string | null;
  group?: string | null;
  state?: 'open' | 'closed';
  snoozedUntil?: number | null;
}

/** One conversation: what was written, and the place to answer. */
export function ConversationView(props: Props) {
  const { site, members, groups, conversation, signs, drafts, onTyping, onSent, onChange } = props;
  const { about, log, error, catchUp, say, sendFile } = conversation;
  const list = useRef<HTMLDivElement>(null);
  const { error: refused, attempt } = useAttempt();
  const count = log.messages.length + log.pending.length;
  useEffect(() => {
    if (list.current) list.current.scrollTop = list.current.scrollHeight;
  }, [count]);
  if (error !== null && !about) return <ErrorNote error={error} retry={() => inBackground(catchUp())} />;
  if (!about) return <Waiting what="Loading the conversation" />;
  const path = { site: site.id, conversation: about.id };
  const run = (work: () => Promise<unknown>) =>
    inBackground(
      attempt(async () => {
        await work();
        await catchUp();
        onChange();
      }),
    );
  const change = (changes: Changes) =>
    run(() => patch(at('/api/sites/{site}/conversations/{conversation}', path), changes));
  const isClosed = about.state === 'closed';
  const isSnoozed = about.snoozedUntil !== null;
  const last = log.messages.at(-1);
  const isSeen = signs !== null && last?.from === 'desk' && signs.seen >= last.seq;
  return (
    <Flex direction="column" minH="0" h="full">
      <Flex align="center" gap="2" px="4" py="2.5" borderBottomWidth="1px" wrap="wrap">
        <StateDot state={about.state} />
        <Heading as="h2" flex="1" minW="120px" truncate fontSize="15px" fontWeight="600">
          {visitorName(about)}
        </Heading>
        <AssigneeSelect
          members={members}
          value={about.assignee}
          groups={groups}
          group={about.group}
          onGroup={(group) => change({ group })}
          // Nobody is no group either.
          onChange={(assignee) => change({ assignee, ...(assignee === null && { group: null }) })}
        />
        {!isClosed &&
          (isSnoozed ? (
            <Button
              size="xs"
              variant="outline"
              colorPalette="plain"
              onClick={() => change({ snoozedUntil: null })}
            >
              End snooze
            </Button>
          ) : (
            <SnoozeMenu onSnooze={(snoozedUntil) => change({ snoozedUntil })} />
          ))}
        <Button
          size="xs"
          variant="outline"
          colorPalette="plain"
          onClick={() => change({ state: isClosed ? 'open' : 'closed' })}
        >
          {isClosed ? 'Reopen' : 'End conversation'}
        </Button>
        <TranscriptMenu {...path} />
      </Flex>
      {refused !== null && <ErrorNote error={refused} />}
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
          <Message key={message.id} site={site} {...message} />
        ))}
        {log.pending.map(({ id, text }) => (
          <Message key={id} {...{ site, text, from: 'desk', name: 'Sending …' }} />
        ))}
      </Flex>
      {about.undelivered !== null && (
        <Text px="4" py="1" color="wine" fontSize="13px" role="status">
          Not delivered yet: {about.undelivered} It is tried again.
        </Text>
      )}
      <Text px="4" minH="20px" color="slate" fontSize="12px">
        {signs?.typing ? `${signs.typing} is typing …` : isSeen ? 'Seen' : ''}
      </Text>
      <WritePart
        key={about.id}
        {...{ site, isClosed, onTyping }}
        visitor={about.name}
        draft={drafts.get(about.id) ?? ''}
        onDraft={(text) => drafts.set(about.id, text)}
        onSay={(text, note) => {
          onSent();
          return say(text, note);
        }}
        onFile={sendFile}
      />
    </Flex>
  );
}
