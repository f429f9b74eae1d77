import { Box, Flex, Text } from '@chakra-ui/react';

/** An image to choose, with its name. */
export function Tile({
  name,
  onPress,
  children,
}: {
  name: string;
  onPress(): void;
  children: React.ReactNode;
}) {
  return (
    <Box
      as="button"
      aria-label={`Use ${name}`}
      textAlign="start"
      borderWidth="1px"
      rounded="md"
      overflow="hidden"
      cursor="pointer"
      _hover={{ borderColor: 'deep' }}
      onClick={onPress}
    >
      <Flex
        h="92px"
        bg="wash"
        align="center"
        justify="center"
        css={{ '& img': { maxWidth: '100%', maxHeight: '100%', objectFit: 'contain' } }}
      >
        {children}
      </Flex>
      <Text truncate fontSize="12px" px="2" py="1">
        {name}
      </Text>
    </Box>
  );
}
