import { useMemo } from 'react';
import { SearchChoice } from './SearchChoice.tsx';

const zones = [...new Set([...Intl.supportedValuesOf('timeZone'), 'UTC'])].map((value) => ({
  value,
  label: value.replaceAll('_', ' '),
}));

/** A time zone by its name in the IANA database. */
export function ZoneChoice({
  id,
  value,
  onChange,
}: {
  id: string;
  value: string;
  onChange(value: string): void;
}) {
  // The designer's own zone first: most ends are meant where they live.
  const first = useMemo(() => {
    const own = Intl.DateTimeFormat().resolvedOptions().timeZone;
    return zones.toSorted((one, other) => Number(other.value === own) - Number(one.value === own));
  }, []);
  return <SearchChoice id={id} value={value} options={zones} first={first} onChange={onChange} />;
}
