import { Box, Flex, Heading } from '@chakra-ui/react';
import { useEffect } from 'react';

/** A place of the studio: its title, what can be done there, and its content. */
export function Page({
  title,
  aside,
  children,
}: {
  title: string;
  aside?: React.ReactNode;
  children: React.ReactNode;
}) {
  useEffect(() => {
    document.title = `${title} · Sirene`;
  }, [title]);
  return (
    <Box as="main" maxW="1240px" mx="auto" px="6" py="6">
      <Flex align="center" justify="space-between" gap="4" mb="5" wrap="wrap">
        <Heading as="h1" fontFamily="title" fontSize="26px" fontWeight="600" letterSpacing="-0.01em">
          {title}
        </Heading>
        {aside}
      </Flex>
      {children}
    </Box>
  );
}
