import { Box, Flex, Heading, Text } from '@chakra-ui/react';
import { useEffect } from 'react';

/** The page of a way in: what it is for, and its form. */
export function EntryBox({
  title,
  text,
  children,
}: {
  title: string;
  text: string;
  children: React.ReactNode;
}) {
  useEffect(() => {
    document.title = `${title} · Sirene`;
  }, [title]);
  return (
    <Flex as="main" minH="100%" align="center" justify="center" p="6">
      <Box bg="sheet" borderWidth="1px" rounded="md" p="8" w="full" maxW="400px">
        <Text fontFamily="title" fontSize="15px" fontWeight="600" color="flare" mb="3">
          Sirene
        </Text>
        <Heading as="h1" fontFamily="title" fontSize="26px" mb="1">
          {title}
        </Heading>
        <Text color="slate" mb="6">
          {text}
        </Text>
        {children}
      </Box>
    </Flex>
  );
}
