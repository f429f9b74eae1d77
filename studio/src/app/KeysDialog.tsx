import { Box, Flex, Heading, Kbd, SimpleGrid } from '@chakra-ui/react';
import { Sheet } from '../shared/Sheet.tsx';
import { keyGroups } from './keymap.ts';

/** What the keys do. */
export function KeysDialog({ onClose }: { onClose: () => void }) {
  return (
    <Sheet title="Keyboard shortcuts" size="lg" reading onClose={onClose}>
      <SimpleGrid columns={2} gap="6">
        {keyGroups().map(({ title, rows }) => (
          <Box key={title}>
            <Heading as="h3" fontSize="14px" mb="2">
              {title}
            </Heading>
            {rows.map(({ keys, does }) => (
              <Flex key={does} gap="3" py="1" justify="space-between" align="baseline">
                <span>{does}</span>
                <Kbd size="sm" flex="none">
                  {keys}
                </Kbd>
              </Flex>
            ))}
          </Box>
        ))}
      </SimpleGrid>
    </Sheet>
  );
}
