import { Input } from '@chakra-ui/react';
import { useState } from 'react';

interface Props {
  label: string;
  value: number;
  width?: string;
  disabled?: boolean;
  onChange(value: number): void;
}

/** A number that may be typed with a comma or a point; what is none is put back when the field is left. */
export function NumberField({ label, value, width = '84px', disabled = false, onChange }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const read = (text: string) => (text.trim() === '' ? NaN : Number(text.replace(',', '.')));
  return (
    <Input
      size="sm"
      inputMode="decimal"
      textAlign="end"
      w={width}
      flex="none"
      aria-label={label}
      disabled={disabled}
      value={typed ?? String(value)}
      aria-invalid={typed !== null && !Number.isFinite(read(typed))}
      onChange={({ target }) => {
        setTyped(target.value);
        const number = read(target.value);
        if (Number.isFinite(number)) onChange(number);
      }}
      onBlur={() => setTyped(null)}
    />
  );
}
