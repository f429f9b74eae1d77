import { Box, Code, Flex, Text } from '@chakra-ui/react';
import { CopyButton } from './CopyButton.tsx';

/** A line of code to be copied, with what it is for. */
export function Snippet({ label, text }: { label: string; text: string }) {
  return (
    <Box>
      <Text mb="1" fontSize="13px">
        {label}
      </Text>
      <Flex gap="2" bg="wash" p="2" rounded="md" align="center">
        <Code bg="transparent" fontSize="12px" flex="1" whiteSpace="pre-wrap" wordBreak="break-all">
          {text}
        </Code>
        <CopyButton text={text} label="Copy" />
      </Flex>
    </Box>
  );
}
