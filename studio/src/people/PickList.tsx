import { Box, Button, Stack, Text } from '@chakra-ui/react';

interface Props {
  label: string;
  items: readonly { id: string; name: string; says: string }[];
  /** The id of the one that is open. */
  open: string;
  onOpen(id: string): void;
}

/** Things of the site by name, one of which is open beside them. */
export function PickList({ label, items, open, onOpen }: Props) {
  return (
    <Stack as="ul" gap="1" listStyleType="none" aria-label={label}>
      {items.map(({ id, name, says }) => (
        <li key={id}>
          <Button
            variant="plain"
            w="full"
            h="auto"
            px="3"
            py="2"
            rounded="md"
            justifyContent="start"
            textAlign="start"
            bg={id === open ? 'sheet' : undefined}
            borderWidth="1px"
            borderColor={id === open ? undefined : 'transparent'}
            aria-pressed={id === open}
            onClick={() => onOpen(id)}
          >
            <Box minW="0">
              <Text truncate fontWeight="600">
                {name}
              </Text>
              <Text color="slate" fontSize="13px" fontWeight="400">
                {says}
              </Text>
            </Box>
          </Button>
        </li>
      ))}
    </Stack>
  );
}
