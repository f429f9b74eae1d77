import { Box, Flex, Stack } from '@chakra-ui/react';
import { ChevronRight } from 'lucide-react';
import { useId, useState } from 'react';

// What was opened stays open when another element is selected.
const chosen = new Map<string, boolean>();

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
  const [isOpen, setOpen] = useState(chosen.get(title) ?? open);
  const panel = useId();
  const toggle = () => {
    chosen.set(title, !isOpen);
    setOpen(!isOpen);
  };
  return (
    <Box borderBottomWidth="1px">
      <Flex
        as="button"
        w="full"
        align="center"
        gap="1.5"
        px="3"
        h="34px"
        fontWeight="600"
        cursor="pointer"
        aria-expanded={isOpen}
        aria-controls={isOpen ? panel : undefined}
        onClick={toggle}
      >
        <ChevronRight size={14} aria-hidden style={{ rotate: isOpen ? '90deg' : '0deg' }} />
        {title}
        {count > 0 && (
          <Box as="span" color="slate" fontWeight="400" fontSize="12px">
            {count} set here
          </Box>
        )}
      </Flex>
      {isOpen && (
        <Stack id={panel} gap="2.5" px="3" pb="4" pt="1">
          {children}
        </Stack>
      )}
    </Box>
  );
}
