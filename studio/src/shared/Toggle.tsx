import { Switch } from '@chakra-ui/react';
import { Row } from './Row.tsx';

/** Something that is so or not. */
export function Toggle({
  label,
  value,
  onChange,
}: {
  label: string;
  value: boolean;
  onChange(value: boolean): void;
}) {
  return (
    <Row label={label}>
      {(id) => (
        <Switch.Root
          size="sm"
          ids={{ hiddenInput: id }}
          checked={value}
          onCheckedChange={({ checked }) => onChange(checked)}
        >
          <Switch.HiddenInput />
          <Switch.Control />
        </Switch.Root>
      )}
    </Row>
  );
}
