import { Input } from '@chakra-ui/react';

interface Props {
  id?: string | undefined;
  label?: string | undefined;
  min?: number;
  max?: number;
  step?: number;
  value: number | undefined;
  onChange(value: number): void;
  /** Called when the field is emptied; without it an emptied field goes back to its value. */
  onClear?: (() => void) | undefined;
  /** No room for the browser's arrows; the arrow keys still work. */
  bare?: boolean;
  width?: string;
}

/** A number. What is out of range is not taken, and the field says so. */
export function NumberInput({ id, label, min, max, step, value, onChange, onClear, bare, width }: Props) {
  const text = value === undefined ? '' : String(value);
  return (
    <Input
      id={id}
      aria-label={label}
      type="number"
      size="xs"
      minW="0"
      w={width}
      px={bare ? '0' : '1.5'}
      textAlign={bare ? 'center' : undefined}
      min={min}
      max={max}
      step={step ?? 'any'}
      defaultValue={text}
      ref={(input) => {
        // Undo and resets write into the field, but never under the typing hand.
        if (input && input !== document.activeElement) input.value = text;
      }}
      css={{
        '&:invalid': { borderColor: 'wine', color: 'wine' },
        ...(bare && { appearance: 'textfield', '&::-webkit-inner-spin-button': { display: 'none' } }),
      }}
      onBlur={(event) => {
        if (!event.target.validity.valid || event.target.value === '') event.target.value = text;
      }}
      onChange={(event) => {
        const { valueAsNumber, validity } = event.target;
        if (event.target.value === '' && !validity.badInput) onClear?.();
        else if (validity.valid && Number.isFinite(valueAsNumber)) onChange(valueAsNumber);
      }}
    />
  );
}
