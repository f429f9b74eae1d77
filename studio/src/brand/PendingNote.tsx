import { Button, Flex, Text } from '@chakra-ui/react';

/** Says that an earlier visit left changes, and offers what can be done with them. */
export function PendingNote({
  text,
  onTake,
  onDrop,
}: {
  text: string;
  /** Takes them up, where that has not been done already. */
  onTake?: (() => void) | undefined;
  onDrop(): void;
}) {
  return (
    <Flex
      role="status"
      align="center"
      gap="3"
      wrap="wrap"
      bg="sheet"
      borderWidth="1px"
      rounded="md"
      p="3"
      mb="4"
    >
      <Text flex="1" minW="260px">
        {text}
      </Text>
      {onTake && (
        <Button size="sm" variant="outline" colorPalette="plain" onClick={onTake}>
          Apply my changes
        </Button>
      )}
      <Button size="sm" variant="outline" colorPalette="plain" onClick={onDrop}>
        Discard them
      </Button>
    </Flex>
  );
}
