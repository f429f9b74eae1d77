import { NativeSelect } from '@chakra-ui/react';

/** A select of plain choices. A value that is none of them is shown as `unset`. */
export function Choice<V extends string>({
  id,
  value,
  options,
  unset = 'default',
  label,
  size = 'xs',
  width,
  onChange,
}: {
  id?: string;
  value: string;
  options: Readonly<Partial<Record<V, string>>>;
  unset?: string;
  /** Its name, where no label names it. */
  label?: string;
  size?: 'xs' | 'sm';
  width?: string;
  onChange(value: V): void;
}) {
  return (
    <NativeSelect.Root size={size} {...(width && { w: width })}>
      <NativeSelect.Field
        id={id}
        aria-label={label}
        bg="sheet"
        value={value}
        onChange={(event) => onChange(event.target.value as V)}
      >
        {!Object.hasOwn(options, value) && (
          <option value={value} disabled>
            {unset}
          </option>
        )}
        {(Object.entries(options) as [V, string][]).map(([option, text]) => (
          <option key={option} value={option}>
            {text}
          </option>
        ))}
      </NativeSelect.Field>
      <NativeSelect.Indicator />
    </NativeSelect.Root>
  );
}
