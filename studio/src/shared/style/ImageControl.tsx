import { AssetControl } from '../assets/AssetControl.tsx';
import type { StyleControlProps } from './control-props.ts';

/** An image behind something. */
export function ImageControl({ id, property, value, onChange }: StyleControlProps) {
  return (
    <AssetControl
      id={id}
      label={property.label}
      kind="image"
      value={value === undefined || value === 'none' ? '' : String(value)}
      onChange={(src) => onChange(src || 'none')}
    />
  );
}
