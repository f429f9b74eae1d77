import { MeasureInput } from '../MeasureInput.tsx';
import { fieldOf, unsetText, type StyleControlProps } from './control-props.ts';

/** A size: a length, a share such as 50%, or a keyword. */
export function SizeControl({ id, property, value, onChange }: StyleControlProps) {
  return (
    <MeasureInput
      id={id}
      {...fieldOf(property)}
      keywords={['auto', 'fit-content']}
      placeholder={unsetText(property)}
      value={typeof value === 'object' ? undefined : value}
      onChange={onChange}
    />
  );
}
