import { Box, Button, Text } from '@chakra-ui/react';

interface Props {
  /** Left out where nobody has said who it is. */
  who?: { name: string; email: string } | null;
  open: boolean;
  onOpen(): void;
}

/** Somebody in a list, who is opened beside it: by name where they have one, with the address below. */
export function WhoButton({ who, open, onOpen }: Props) {
  return (
    <Button
      variant="plain"
      h="auto"
      p="0"
      justifyContent="start"
      textAlign="start"
      aria-pressed={open}
      onClick={onOpen}
      whiteSpace="normal"
    >
      <Box>
        <Text fontWeight="600">{who?.name || who?.email || 'Anonymous'}</Text>
        {who?.name && (
          <Text color="slate" fontSize="13px" fontWeight="400">
            {who.email}
          </Text>
        )}
      </Box>
    </Button>
  );
}
