import { Box, Button, Stack } from '@chakra-ui/react';
import { ChevronDown, ChevronUp } from 'lucide-react';
import { useState } from 'react';

/** What is rarely used, folded away; open from the start where something in it is set. */
export function Folded({ set, children }: { set: number; children: React.ReactNode }) {
  const [open, setOpen] = useState(set > 0);
  const Icon = open ? ChevronUp : ChevronDown;
  return (
    <>
      <Box>
        <Button
          size="2xs"
          variant="ghost"
          colorPalette="plain"
          color="slate"
          px="0"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
        >
          <Icon size={13} aria-hidden />
          {open ? 'Less' : set > 0 ? `More, ${set} set` : 'More'}
        </Button>
      </Box>
      {open && <Stack gap="2.5">{children}</Stack>}
    </>
  );
}
