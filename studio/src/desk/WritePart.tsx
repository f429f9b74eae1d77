import { Button, Flex, Textarea } from '@chakra-ui/react';
import { longestMessage } from '@sirene/core/chat';
import { memo, useState } from 'react';
import { fillWords } from '@sirene/core/actions/words';
import { at, useAnswer, type SavedReply, type Site } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { useStable } from '../shared/use-stable.ts';
import { WriteTools } from './WriteTools.tsx';

interface Props {
  /** Of the conversation that is open. */
  id: string;
  site: Site;
  visitor: string;
  isClosed: boolean;
  /** What is being written, by conversation: going to another loses nothing. */
  drafts: Map<string, string>;
  onTyping(): void;
  onSay(text: string, note: boolean): Promise<void>;
  onFile(file: File, note: boolean): Promise<void>;
}

/** A short name as it is typed. */
const shortName = /^\/([\p{L}\p{N}_-]*)$/u;

/** Whether an answer or a note is written in a conversation; in the one that is opened next it is an answer again. */
type Kind = { id: string; kind: 'answer' | 'note' };

/** Where the desk writes: an answer, or a note of its own. */
export const WritePart = memo(function WritePart(props: Props) {
  const { id, site, visitor, isClosed, drafts, onTyping, onSay, onFile } = props;
  const [chosen, setChosen] = useState<Kind>({ id, kind: 'answer' });
  const [written, setWritten] = useState({ id, text: drafts.get(id) ?? '' });
  const text = written.id === id ? written.text : (drafts.get(id) ?? '');
  const { data: replies = [], mutate } = useAnswer(at('/api/sites/{site}/saved-replies', { site: site.id }));
  const setText = (next: string) => {
    drafts.set(id, next);
    setWritten({ id, text: next });
  };
  const typed = shortName.exec(text)?.[1]?.toLowerCase();
  const fitting =
    typed === undefined ? [] : replies.filter(({ name }) => name.toLowerCase().startsWith(typed)).slice(0, 6);
  const use = (reply: SavedReply) => setText(fillWords(reply.text, { name: visitor }));
  const { error, attempt } = useAttempt(id);
  const isNote = isClosed || (chosen.id === id && chosen.kind === 'note');
  const send = async () => {
    const sent = text.trim();
    if (!sent) return;
    setText('');
    // What is being written by now stays; who has gone on to another conversation finds it here when they come back.
    if (!(await attempt(() => onSay(sent, isNote))) && !drafts.get(id)) setText(sent);
  };
  const sendFile = async (file: File | undefined) => {
    if (file) await attempt(() => onFile(file, isNote));
  };
  // Going from one conversation to another, none of them changes what is seen (bench/desk).
  const onKind = useStable((kind: Kind['kind']) => setChosen({ id, kind }));
  const onUse = useStable(use);
  const onReplies = useStable(() => inBackground(mutate()));
  const onChosen = useStable((file: File | undefined) => inBackground(sendFile(file)));
  return (
    <Flex
      as="form"
      direction="column"
      gap="2"
      p="3"
      borderTopWidth="1px"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        inBackground(sendFile(event.dataTransfer.files[0]));
      }}
      onSubmit={(event) => {
        event.preventDefault();
        inBackground(send());
      }}
    >
      <WriteTools
        {...{ site, replies, text, isClosed, isNote, onKind, onUse, onReplies }}
        onFile={onChosen}
      />
      {error !== null && <ErrorNote error={error} />}
      {fitting.length > 0 && (
        <Flex gap="1" wrap="wrap" role="group" aria-label="Fitting replies">
          {fitting.map((reply, index) => (
            <Button
              key={reply.id}
              size="2xs"
              variant={index === 0 ? 'subtle' : 'ghost'}
              colorPalette="plain"
              onClick={() => use(reply)}
            >
              /{reply.name}
            </Button>
          ))}
        </Flex>
      )}
      <Flex gap="2" align="flex-end">
        <Textarea
          size="sm"
          aria-label={isNote ? 'Note' : 'Answer'}
          rows={2}
          autoresize
          maxH="12lh"
          maxLength={longestMessage}
          value={text}
          onChange={({ target }) => {
            setText(target.value);
            if (!isNote) onTyping();
          }}
          onPaste={({ clipboardData }) => inBackground(sendFile(clipboardData.files[0]))}
          onKeyDown={(event) => {
            if (event.key !== 'Enter' || event.shiftKey || event.nativeEvent.isComposing) return;
            event.preventDefault();
            if (fitting[0]) use(fitting[0]);
            else inBackground(send());
          }}
        />
        <Button type="submit" size="sm" colorPalette="signal" disabled={!text.trim()}>
          {isNote ? 'Save note' : 'Send'}
        </Button>
      </Flex>
    </Flex>
  );
});
