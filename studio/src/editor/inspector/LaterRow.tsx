import { useEditing, useValueAt } from '../state/editing.ts';
import { NumberInput } from '../../shared/NumberInput.tsx';
import { Row } from '../../shared/Row.tsx';

/** How long after the widget an element appears. */
export function LaterRow({ id }: { id: string }) {
  const { session } = useEditing();
  const path = ['elements', id, 'after'];
  const value = useValueAt(path) as number | undefined;
  const set = (seconds: number | undefined) =>
    session.apply({ type: 'set', path, value: seconds || undefined }, path.join('.'));
  return (
    <Row label="Delay (s)">
      {(control) => (
        <NumberInput
          id={control}
          unit="s"
          min={0}
          max={600}
          value={value ?? 0}
          onChange={set}
          onClear={() => set(undefined)}
        />
      )}
    </Row>
  );
}
