import { Button, Input, NativeSelect } from '@chakra-ui/react';

/** Words to look for in a list. */
export function WordsFilter({
  label,
  placeholder,
  value,
  onChange,
}: {
  label: string;
  placeholder: string;
  value: string;
  onChange(value: string): void;
}) {
  return (
    <Input
      aria-label={label}
      placeholder={placeholder}
      bg="sheet"
      maxW="340px"
      size="sm"
      value={value}
      onChange={(event) => onChange(event.target.value)}
    />
  );
}

/** One of several kinds, to see of a list those alone. */
export function ChoiceFilter({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: string;
  /** What it is called, by value. */
  options: readonly (readonly [value: string, name: string])[];
  onChange(value: string): void;
}) {
  return (
    <NativeSelect.Root size="sm" w="210px">
      <NativeSelect.Field
        aria-label={label}
        bg="sheet"
        value={value}
        onChange={(event) => onChange(event.target.value)}
      >
        {options.map(([one, name]) => (
          <option key={one} value={one}>
            {name}
          </option>
        ))}
      </NativeSelect.Field>
      <NativeSelect.Indicator />
    </NativeSelect.Root>
  );
}

/** Shows more of a list. */
export function ShowMore({ onClick }: { onClick(): void }) {
  return (
    <Button m="3" size="xs" variant="outline" colorPalette="plain" onClick={onClick}>
      Show more
    </Button>
  );
}
