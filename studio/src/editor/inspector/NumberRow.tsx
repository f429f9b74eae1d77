import { NumberInput } from '../../shared/NumberInput.tsx';
import { Row } from '../../shared/Row.tsx';

interface Props {
  label: string;
  unit: string;
  min: number;
  max: number;
  value: number;
  onChange(value: number): void;
}

/** A number with its label and its unit. */
export function NumberRow({ label, unit, ...number }: Props) {
  return <Row label={`${label} (${unit})`}>{(id) => <NumberInput id={id} unit={unit} {...number} />}</Row>;
}
