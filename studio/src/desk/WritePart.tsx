import { Button, FileUpload, Flex, SegmentGroup, Text, Textarea } from '@chakra-ui/react';
import { longestMessage } from '@sirene/core/chat';
import { Paperclip } from 'lucide-react';
import { useState } from 'react';
import { fillWords } from '@sirene/core/actions/words';
import { at, useAnswer, type SavedReply, type Site } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { SavedReplies } from './SavedReplies.tsx';

interface Props {
  site: Site;
  visitor: string;
  isClosed: boolean;
  /** What was being written here before. */
  draft: string;
  onDraft(text: string): void;
  onTyping(): void;
  onSay(text: string, note: boolean): Promise<void>;
  onFile(file: File, note: boolean): Promise<void>;
}

/** A short name as it is typed. */
const shortName = /^\/([\p{L}\p{N}_-]*)$/u;

/** Where the desk writes: an answer, or a note of its own. */
export function WritePart({ site, visitor, isClosed, draft, onDraft, onTyping, onSay, onFile }: Props) {
  const [kind, setKind] = useState<'answer' | 'note'>('answer');
  const [text, write] = useState(draft);
  const { data: replies = [], mutate } = useAnswer(at('/api/sites/{site}/saved-replies', { site: site.id }));
  const setText = (next: string) => {
    write(next);
    onDraft(next);
  };
  const typed = shortName.exec(text)?.[1]?.toLowerCase();
  const fitting =
    typed === undefined ? [] : replies.filter(({ name }) => name.toLowerCase().startsWith(typed)).slice(0, 6);
  const use = (reply: SavedReply) => setText(fillWords(reply.text, { name: visitor }));
  const [error, setError] = useState<unknown>(null);
  const isNote = isClosed || kind === 'note';
  const send = async () => {
    const sent = text.trim();
    if (!sent) return;
    setText('');
    setError(null);
    try {
      await onSay(sent, isNote);
    } catch (failure) {
      // What is being written by now stays; who has gone on to another conversation finds it here when they come back.
      onDraft(sent);
      write((now) => now || sent);
      setError(failure);
    }
  };
  const sendFile = async (file: File | undefined) => {
    if (!file) return;
    setError(null);
    try {
      await onFile(file, isNote);
    } catch (failure) {
      setError(failure);
    }
  };
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
      <Flex align="center" gap="3">
        <SegmentGroup.Root
          size="xs"
          value={isNote ? 'note' : 'answer'}
          onValueChange={({ value }) => setKind(value === 'note' ? 'note' : 'answer')}
        >
          <SegmentGroup.Indicator />
          <SegmentGroup.Item value="answer" disabled={isClosed}>
            <SegmentGroup.ItemText>Answer</SegmentGroup.ItemText>
            <SegmentGroup.ItemHiddenInput />
          </SegmentGroup.Item>
          <SegmentGroup.Item value="note">
            <SegmentGroup.ItemText>Note</SegmentGroup.ItemText>
            <SegmentGroup.ItemHiddenInput />
          </SegmentGroup.Item>
        </SegmentGroup.Root>
        <SavedReplies {...{ site, replies, text }} onUse={use} onChange={() => inBackground(mutate())} />
        <FileUpload.Root maxFiles={1} w="auto" onFileAccept={({ files }) => inBackground(sendFile(files[0]))}>
          <FileUpload.HiddenInput aria-label="File" />
          <FileUpload.Trigger asChild>
            <Button size="xs" variant="outline" colorPalette="plain">
              <Paperclip size={13} aria-hidden />
              File
            </Button>
          </FileUpload.Trigger>
        </FileUpload.Root>
        <Text color="slate" fontSize="12px">
          {isClosed
            ? 'The conversation has ended. Reopen it to answer.'
            : isNote
              ? 'Only the desk sees it.'
              : 'Enter sends, Shift Enter begins a line, / a saved reply.'}
        </Text>
      </Flex>
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
}
