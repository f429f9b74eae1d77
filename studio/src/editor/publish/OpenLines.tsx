import { Box, Stack, Text } from '@chakra-ui/react';
import { Snippet } from '../../shared/Snippet.tsx';

/** The ways in which a page opens a widget by itself, each to copy. */
export function OpenLines({ slug }: { slug: string }) {
  return (
    <Box>
      <Text fontWeight="600" mb="1">
        Open it from the page
      </Text>
      <Stack gap="2">
        <Snippet label="A link" text={`<a href="#${slug}">Open</a>`} />
        <Snippet label="An attribute on any element" text={`data-sirene-open="${slug}"`} />
        <Snippet label="A script" text={`sirene.open('${slug}')`} />
      </Stack>
    </Box>
  );
}
