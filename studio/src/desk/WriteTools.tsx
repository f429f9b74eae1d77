import { Button, FileUpload, Flex, SegmentGroup, Text } from '@chakra-ui/react';
import { Paperclip } from 'lucide-react';
import { memo } from 'react';
import type { SavedReply, Site } from '../shared/api/index.ts';
import { SavedReplies } from './SavedReplies.tsx';

interface Props {
  site: Site;
  replies: readonly SavedReply[];
  /** What is written at the moment. */
  text: string;
  isClosed: boolean;
  isNote: boolean;
  onKind(kind: 'answer' | 'note'): void;
  onUse(reply: SavedReply): void;
  onReplies(): void;
  onFile(file: File | undefined): void;
}

/** What stands above the place to write: for whom it is, and what can be put into it. */
export const WriteTools = memo(function WriteTools(props: Props) {
  const { site, replies, text, isClosed, isNote, onKind, onUse, onReplies, onFile } = props;
  return (
    <Flex align="center" gap="3">
      <SegmentGroup.Root
        size="xs"
        value={isNote ? 'note' : 'answer'}
        onValueChange={({ value }) => onKind(value === 'note' ? 'note' : 'answer')}
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
      <SavedReplies {...{ site, replies, text, onUse }} onChange={onReplies} />
      <FileUpload.Root maxFiles={1} w="auto" onFileAccept={({ files }) => onFile(files[0])}>
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
  );
});
