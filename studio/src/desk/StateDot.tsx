import { Box } from '@chakra-ui/react';
import type { ListedConversation } from '../shared/api/index.ts';

const states = {
  waiting: { label: 'Waiting', color: 'brass' },
  open: { label: 'Open', color: 'kelp' },
  closed: { label: 'Closed', color: 'slate' },
} as const;

/** How a conversation stands, as a dot with its name. */
export function StateDot({ state }: { state: ListedConversation['state'] }) {
  const { label, color } = states[state];
  return (
    <Box
      role="img"
      aria-label={label}
      title={label}
      flexShrink={0}
      w="8px"
      h="8px"
      rounded="full"
      bg={color}
      // Whoever can't tell the colours apart sees a ring for what waits.
      outline={state === 'waiting' ? '2px solid {colors.brass}' : undefined}
      outlineOffset="2px"
    />
  );
}
