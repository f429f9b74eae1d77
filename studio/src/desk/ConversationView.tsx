import { Flex, Text } from '@chakra-ui/react';
import { useCallback, useEffect, useRef } from 'react';
import { at, patch, type DeskGroup, type Site } from '../shared/api/index.ts';
import type { Member } from '../shared/AssigneeSelect.tsx';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { Waiting } from '../shared/Waiting.tsx';
import { ConversationHead, type Changes } from './ConversationHead.tsx';
import { Message } from './Message.tsx';
import type { OpenConversation } from './use-conversation.ts';
import type { VisitorSigns } from './use-desk-line.ts';
import { visitorName } from './visitor-name.ts';
import { WritePart } from './WritePart.tsx';

interface Props {
  id: string;
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

/** One conversation: what was written, and the place to answer. */
export function ConversationView(props: Props) {
  const { id, site, members, groups, conversation, signs, drafts, onTyping, onSent, onChange } = props;
  const { head, about, log, error, catchUp, say, sendFile } = conversation;
  const list = useRef<HTMLDivElement>(null);
  const { error: refused, attempt } = useAttempt(id);
  const change = useCallback(
    (changes: Changes) => {
      const path = { site: site.id, conversation: id };
      const work = async () => {
        await patch(at('/api/sites/{site}/conversations/{conversation}', path), changes);
        await catchUp();
        onChange();
      };
      inBackground(attempt(work));
    },
    [site.id, id, attempt, catchUp, onChange],
  );
  const sayNow = useCallback(
    (text: string, note: boolean) => {
      onSent();
      return say(text, note);
    },
    [onSent, say],
  );
  const count = log.messages.length + log.pending.length;
  useEffect(() => {
    if (list.current) list.current.scrollTop = list.current.scrollHeight;
  }, [id, count]);
  if (error !== null && !about) return <ErrorNote error={error} retry={() => inBackground(catchUp())} />;
  if (!head) return <Waiting what="Loading the conversation" />;
  const last = log.messages.at(-1);
  const isSeen = signs !== null && last?.from === 'desk' && signs.seen >= last.seq;
  return (
    <Flex direction="column" minH="0" h="full">
      <ConversationHead {...{ site, members, groups }} about={head} onChange={change} />
      {refused !== null && <ErrorNote error={refused} />}
      <Flex
        ref={list}
        role="log"
        aria-label={`Conversation with ${visitorName(head)}`}
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
      {about && about.undelivered !== null && (
        <Text px="4" py="1" color="wine" fontSize="13px" role="status">
          Not delivered yet: {about.undelivered} It is tried again.
        </Text>
      )}
      <Text px="4" minH="20px" color="slate" fontSize="12px">
        {signs?.typing ? `${signs.typing} is typing …` : isSeen ? 'Seen' : ''}
      </Text>
      <WritePart
        {...{ id, site, drafts, onTyping }}
        visitor={head.name}
        isClosed={head.state === 'closed'}
        onSay={sayNow}
        onFile={sendFile}
      />
    </Flex>
  );
}
