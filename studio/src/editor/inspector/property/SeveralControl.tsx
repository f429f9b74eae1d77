import { Checkbox, Stack } from '@chakra-ui/react';
import type { PropertyControlProps } from './control-props.ts';

/** Any of several, at least one. */
export function SeveralControl({ id, property, value, onChange }: PropertyControlProps<string[]>) {
  const options = Object.entries(property.options ?? {});
  return (
    <Stack id={id} role="group" aria-label={property.label} gap="1" py="0.5">
      {options.map(([option, label]) => {
        const checked = value.includes(option);
        return (
          <Checkbox.Root
            key={option}
            size="sm"
            checked={checked}
            disabled={checked && value.length === 1}
            onCheckedChange={() =>
              onChange(options.map(([one]) => one).filter((one) => (one === option) !== value.includes(one)))
            }
          >
            <Checkbox.HiddenInput />
            <Checkbox.Control />
            <Checkbox.Label fontWeight="400">{label}</Checkbox.Label>
          </Checkbox.Root>
        );
      })}
    </Stack>
  );
}
