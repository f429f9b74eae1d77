import { PictureControl } from '../assets/PictureControl.tsx';
import type { StyleControlProps } from './control-props.ts';

/** A picture behind something. */
export function ImageControl({ id, property, value, onChange }: StyleControlProps) {
  return (
    <PictureControl
      id={id}
      label={property.label}
      kind="picture"
      value={value === undefined || value === 'none' ? '' : String(value)}
      onChange={(src) => onChange(src || 'none')}
    />
  );
}
