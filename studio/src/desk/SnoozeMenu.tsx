import { Button, Menu, Portal } from '@chakra-ui/react';
import { AlarmClock } from 'lucide-react';
import { memo } from 'react';

const hourMs = 3_600_000;

/** At nine in the morning, so many days from now. */
function morning(days: number): number {
  const at = new Date();
  at.setDate(at.getDate() + days);
  return at.setHours(9, 0, 0, 0);
}

const choices: readonly (readonly [label: string, until: () => number])[] = [
  ['For an hour', () => Date.now() + hourMs],
  ['For four hours', () => Date.now() + 4 * hourMs],
  ['Until tomorrow, 9:00', () => morning(1)],
  ['Until next week, 9:00', () => morning(7)],
];

/** Lets a conversation rest: it comes back by itself, or with the visitor’s next message. */
export const SnoozeMenu = memo(function SnoozeMenu({ onSnooze }: { onSnooze(until: number): void }) {
  return (
    <Menu.Root
      lazyMount
      unmountOnExit
      onSelect={({ value }) => onSnooze(choices.find(([label]) => label === value)?.[1]() ?? 0)}
    >
      <Menu.Trigger asChild>
        <Button size="xs" variant="outline" colorPalette="plain">
          <AlarmClock size={13} aria-hidden />
          Snooze
        </Button>
      </Menu.Trigger>
      <Portal>
        <Menu.Positioner>
          <Menu.Content>
            {choices.map(([label]) => (
              <Menu.Item key={label} value={label}>
                {label}
              </Menu.Item>
            ))}
          </Menu.Content>
        </Menu.Positioner>
      </Portal>
    </Menu.Root>
  );
});
