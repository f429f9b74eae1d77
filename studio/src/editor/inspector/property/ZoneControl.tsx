import { useMemo } from 'react';
import { SearchChoice } from '../../../shared/SearchChoice.tsx';
import type { PropertyControlProps } from './control-props.ts';

const zones = [...new Set([...Intl.supportedValuesOf('timeZone'), 'UTC'])].map((value) => ({
  value,
  label: value.replaceAll('_', ' '),
}));

/** A time zone by its name in the IANA database. */
export function ZoneControl({ id, value = '', onChange }: PropertyControlProps<string>) {
  // The designer's own zone first: most ends are meant where they live.
  const first = useMemo(() => {
    const own = Intl.DateTimeFormat().resolvedOptions().timeZone;
    return zones.toSorted((one, other) => Number(other.value === own) - Number(one.value === own));
  }, []);
  return <SearchChoice id={id} value={value} options={zones} first={first} onChange={onChange} />;
}
