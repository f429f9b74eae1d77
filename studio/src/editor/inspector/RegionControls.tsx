import { regionNames, toggleRegion } from '@sirene/core/document/widget';
import { useEditor, useSettledDocument } from '../state/editor.tsx';
import { Toggle } from '../../shared/Toggle.tsx';

const labels = { header: 'Header', footer: 'Footer' };

/** What stands above and below every scene, each on or off. */
export function RegionControls() {
  const { session } = useEditor();
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
