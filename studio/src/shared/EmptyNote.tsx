import { Flex, Text } from '@chakra-ui/react';

/** What stands where a list would: that there is nothing, and how there comes to be something. */
export function EmptyNote({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Flex bg="sheet" borderWidth="1px" rounded="md" p="10" direction="column" align="center" gap="2">
      <Text fontWeight="600">{title}</Text>
      <Text color="slate" textAlign="center" maxW="60ch">
        {children}
      </Text>
    </Flex>
  );
}
