import { Box, Button, Flex } from '@chakra-ui/react';
import { CircleAlert } from 'lucide-react';

/** Says what went wrong and, where there is one, offers the way on. */
export function ErrorNote({
  error,
  retry,
  dismiss,
}: {
  error: unknown;
  retry?: () => void;
  dismiss?: () => void;
}) {
  const message = error instanceof Error ? error.message : String(error);
  return (
    <Flex
      role="alert"
      gap="2"
      align="center"
      borderWidth="1px"
      borderColor="wine"
      color="wine"
      bg="sheet"
      p="3"
      rounded="md"
    >
      <CircleAlert size={16} aria-hidden />
      <Box flex="1">{message}</Box>
      {retry && (
        <Button size="xs" variant="outline" onClick={retry}>
          Try again
        </Button>
      )}
      {dismiss && (
        <Button size="xs" variant="outline" colorPalette="plain" onClick={dismiss}>
          Dismiss
        </Button>
      )}
    </Flex>
  );
}
