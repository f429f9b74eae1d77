import { Box, Image, Link, Text } from '@chakra-ui/react';
import type { ChatFile, ChatMessage } from '@sirene/core/chat';
import { memo } from 'react';
import { at, type Site } from '../shared/api/index.ts';
import { dateTime } from '../shared/format.ts';

const looks = {
  visitor: { bg: 'wash', align: 'flex-start' },
  desk: { bg: 'sheet', align: 'flex-end' },
  note: { bg: 'transparent', align: 'stretch' },
} as const;

interface Props extends Pick<ChatMessage, 'text' | 'from' | 'name' | 'file'> {
  site: Site;
  /** Not known while it is on its way. */
  at?: number;
}

/** One message: who wrote it and when, and what. */
export const Message = memo(function Message({ site, text, from, name, at: moment, file }: Props) {
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
        {moment !== undefined && ` · ${dateTime(moment)}`}
      </Text>
      {file ? (
        <Sent site={site} file={file} />
      ) : (
        <Text whiteSpace="pre-wrap" overflowWrap="anywhere">
          {text}
        </Text>
      )}
    </Box>
  );
});

function Sent({ site, file }: { site: Site; file: ChatFile }) {
  const address = at('/api/sites/{site}/files/{file}', { site: site.id, file: file.id });
  const isPicture = /^image\/(jpeg|png|webp|gif)$/.test(file.type);
  return (
    <Link href={address} target="_blank" rel="noreferrer" color="deep" overflowWrap="anywhere">
      {isPicture ? (
        <Image
          src={address}
          alt={file.name}
          h="180px"
          w="auto"
          maxW="full"
          objectFit="contain"
          rounded="sm"
        />
      ) : (
        file.name
      )}
    </Link>
  );
}
