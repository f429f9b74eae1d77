import { Box, Button, Text } from '@chakra-ui/react';

interface Props {
  /** Left out where nobody has said who it is. */
  who?: { name: string; email: string; phone?: string } | null;
  open: boolean;
  /** Nobody has looked at it yet. */
  isNew?: boolean;
  onOpen(): void;
}

/** What somebody is called: by name, else by what they are reached by. */
export const whoIs = (who: Props['who']): string => who?.name || who?.email || who?.phone || '';

/** Somebody in a list, who is opened beside it: by name where they have one, with the address below. */
export function WhoButton({ who, open, isNew = false, onOpen }: Props) {
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
        <Text fontWeight={isNew ? '700' : '600'}>{whoIs(who) || 'Anonymous'}</Text>
        {who?.name && (
          <Text color="slate" fontSize="13px" fontWeight="400">
            {who.email || who.phone}
          </Text>
        )}
      </Box>
    </Button>
  );
}
