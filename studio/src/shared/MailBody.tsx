import { Box, Tabs } from '@chakra-ui/react';

/** What a mail says: as HTML where it has that, and as plain text. */
export function MailBody({ text, html }: { text: string; html: string }) {
  const plain = (
    <Box as="pre" whiteSpace="pre-wrap" wordBreak="break-word" fontFamily="mono" fontSize="13px" pt="4">
      {text}
    </Box>
  );
  if (html === '') return <Box borderTopWidth="1px">{plain}</Box>;
  return (
    <Tabs.Root defaultValue="html" size="sm" lazyMount>
      <Tabs.List aria-label="Parts of the e-mail">
        <Tabs.Trigger value="html">HTML</Tabs.Trigger>
        <Tabs.Trigger value="text">Plain text</Tabs.Trigger>
      </Tabs.List>
      <Tabs.Content value="html" pt="3">
        {/* Nothing in it runs; its links open beside, as they would from a mail program. */}
        <Box
          as="iframe"
          {...{
            sandbox: 'allow-popups allow-popups-to-escape-sandbox',
            srcDoc: html.replace('<head>', '<head><base target="_blank">'),
            title: 'The e-mail as HTML',
          }}
          w="full"
          h="420px"
          borderWidth="1px"
          rounded="sm"
        />
      </Tabs.Content>
      <Tabs.Content value="text" p="0">
        {plain}
      </Tabs.Content>
    </Tabs.Root>
  );
}
