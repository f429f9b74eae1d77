import { MeasureInput, type FieldProps } from './MeasureInput.tsx';

interface Props extends FieldProps {
  min?: number | undefined;
  max?: number | undefined;
  /** What the number is in; it may be typed in another unit of the same sort, such as 2s for 2000 ms. */
  unit?: string | undefined;
  value: number | undefined;
  onChange(value: number): void;
}

/** A number without a unit of its own: {@link MeasureInput} with none kept gives numbers only. */
export function NumberInput({ onChange, ...rest }: Props) {
  return <MeasureInput {...rest} onChange={(value) => onChange(Number(value))} />;
}
