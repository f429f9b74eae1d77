import { ZoneChoice } from '../../../shared/ZoneChoice.tsx';
import type { PropertyControlProps } from './control-props.ts';

/** A time zone by its name in the IANA database. */
export const ZoneControl = ({ id, value = '', onChange }: PropertyControlProps<string>) => (
  <ZoneChoice id={id} value={value} onChange={onChange} />
);
