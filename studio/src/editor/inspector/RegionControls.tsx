import { regionNames, toggleRegion } from '@sirene/core/document/widget';
import { useEditing, useSettledDocument } from '../state/editing.ts';
import { Toggle } from '../../shared/Toggle.tsx';

const labels = { header: 'Header', footer: 'Footer' };

/** What stands above and below every scene, each on or off. */
export function RegionControls() {
  const { session } = useEditing();
  const { regions } = useSettledDocument();
  return regionNames.map((name) => (
    <Toggle
      key={name}
      label={labels[name]}
      value={regions?.[name] !== undefined}
      onChange={() => session.apply(toggleRegion(session.document, name, Math.random))}
    />
  ));
}
