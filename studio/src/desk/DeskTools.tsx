import { Flex, Switch } from '@chakra-ui/react';
import { memo } from 'react';
import { Notifications } from './Notifications.tsx';

interface Props {
  isAway: boolean;
  isMuted: boolean;
  onChange(changes: { isAway?: boolean; isMuted?: boolean }): void;
}

/** How somebody works at the desk in this browser: there or away, with sound or without. */
export const DeskTools = memo(function DeskTools({ isAway, isMuted, onChange }: Props) {
  const toggle = (label: string, isOn: boolean, set: (isOn: boolean) => void) => (
    <Switch.Root size="sm" checked={isOn} onCheckedChange={({ checked }) => set(checked)}>
      <Switch.HiddenInput />
      <Switch.Control />
      <Switch.Label fontWeight="400" fontSize="13px">
        {label}
      </Switch.Label>
    </Switch.Root>
  );
  return (
    <Flex px="3" py="2" gap="3" borderBottomWidth="1px" wrap="wrap" align="center">
      {toggle('Available', !isAway, (isOn) => onChange({ isAway: !isOn }))}
      {toggle('Sound', !isMuted, (isOn) => onChange({ isMuted: !isOn }))}
      <Notifications />
    </Flex>
  );
});
