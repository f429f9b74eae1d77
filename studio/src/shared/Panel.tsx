import { Box, Heading } from '@chakra-ui/react';

/** One thing about the site, or about an account, under its name. */
export function Panel({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Box as="section" aria-label={title} bg="sheet" borderWidth="1px" rounded="md" p="6">
      <Heading as="h2" fontSize="17px" fontWeight="600" mb="3">
        {title}
      </Heading>
      {children}
    </Box>
  );
}
