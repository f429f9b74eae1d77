import { Box, Collapsible, Flex, Stack } from '@chakra-ui/react';
import { ChevronRight } from 'lucide-react';

/** A group of the inspector. Folded, it says how many values are set inside. */
export function Section({
  title,
  open = true,
  count = 0,
  children,
}: {
  title: string;
  open?: boolean;
  count?: number;
  children: React.ReactNode;
}) {
  return (
    <Collapsible.Root defaultOpen={open}>
      <Box borderBottomWidth="1px">
        <Collapsible.Trigger asChild>
          <Flex
            as="button"
            w="full"
            align="center"
            gap="1.5"
            px="3"
            h="34px"
            fontWeight="600"
            cursor="pointer"
            css={{ '&[data-state=open] svg': { rotate: '90deg' } }}
          >
            <ChevronRight size={14} aria-hidden />
            {title}
            {count > 0 && (
              <Box as="span" color="slate" fontWeight="400" fontSize="12px">
                {count} set here
              </Box>
            )}
          </Flex>
        </Collapsible.Trigger>
        <Collapsible.Content>
          <Stack gap="2.5" px="3" pb="4" pt="1">
            {children}
          </Stack>
        </Collapsible.Content>
      </Box>
    </Collapsible.Root>
  );
}
