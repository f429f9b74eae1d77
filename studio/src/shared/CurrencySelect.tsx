import { NativeSelect } from '@chakra-ui/react';
import { currencies } from '@sirene/core/base/money';

/** Any currency in use, by its code (ISO 4217). */
export function CurrencySelect({
  label,
  value,
  size = 'sm',
  width,
  onChange,
}: {
  /** Its name, where no label names it. */
  label?: string;
  value: string;
  size?: 'sm' | 'md';
  width?: string;
  onChange(currency: string): void;
}) {
  return (
    <NativeSelect.Root size={size} {...(width !== undefined && { w: width, flex: 'none' })}>
      <NativeSelect.Field aria-label={label} value={value} onChange={({ target }) => onChange(target.value)}>
        {currencies.map((code) => (
          <option key={code}>{code}</option>
        ))}
      </NativeSelect.Field>
      <NativeSelect.Indicator />
    </NativeSelect.Root>
  );
}
