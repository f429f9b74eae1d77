import { Input } from '@chakra-ui/react';
import { useId } from 'react';
import type { PropertyControlProps } from './controls.tsx';

const zones = Intl.supportedValuesOf('timeZone');

/** A time zone by its name in the IANA database, completed while it is typed. */
export function ZoneControl({ id, value, onChange }: PropertyControlProps<string>) {
  const list = useId();
  return (
    <>
      <Input
        id={id}
        size="xs"
        list={list}
        value={value ?? ''}
        aria-invalid={!zones.includes(value)}
        onChange={(event) => onChange(event.target.value)}
      />
      <datalist id={list}>
        {zones.map((zone) => (
          <option key={zone} value={zone} />
        ))}
      </datalist>
    </>
  );
}
