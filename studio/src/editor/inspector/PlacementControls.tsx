import { Input, Stack, Switch } from '@chakra-ui/react';
import { changePlacement, corners, type Placement } from '@sirene/core/widget';
import { useDocument, useEditor } from '../state/editor.tsx';
import { Choice } from './controls.tsx';
import { Row } from './Row.tsx';

const types = { centre: 'In the centre', corner: 'In a corner', inline: 'In the page' };
const cornerNames = Object.fromEntries(corners.map((corner) => [corner, corner.replace('-', ' ')]));

/** Where the widget stands, how wide it is, and how it closes. */
export function PlacementControls() {
  const { session } = useEditor();
  const document = useDocument();
  const { placement } = document;
  const set = (path: string[], value: unknown) =>
    session.apply({ type: 'set', path: ['placement', ...path], value }, `placement.${path.join('.')}`);
  return (
    <Stack gap="2.5">
      <Row label="Placement">
        {(id) => (
          <Choice
            id={id}
            value={placement.type}
            options={types}
            onChange={(type) => session.apply(changePlacement(document, type as Placement['type']))}
          />
        )}
      </Row>
      {placement.type === 'corner' && (
        <>
          <Row label="Corner">
            {(id) => (
              <Choice id={id} value={placement.at} options={cornerNames} onChange={(at) => set(['at'], at)} />
            )}
          </Row>
          <NumberRow
            label="From the side"
            unit="px"
            min={0}
            max={400}
            value={placement.offset[0]}
            onChange={(x) => set(['offset'], [x, placement.offset[1]])}
          />
          <NumberRow
            label={placement.at.startsWith('top') ? 'From the top' : 'From the foot'}
            unit="px"
            min={0}
            max={400}
            value={placement.offset[1]}
            onChange={(y) => set(['offset'], [placement.offset[0], y])}
          />
        </>
      )}
      <NumberRow
        label={placement.type === 'inline' ? 'Widest' : 'Width'}
        unit="px"
        min={200}
        max={placement.type === 'inline' ? 2000 : 1200}
        value={placement.width}
        onChange={(width) => set(['width'], width)}
      />
      {placement.type === 'centre' && (
        <Toggle
          label="Backdrop"
          value={placement.backdrop}
          onChange={(backdrop) => set(['backdrop'], backdrop)}
        />
      )}
    </Stack>
  );
}

/** The ways in which an overlay closes. */
export function ClosingControls() {
  const { session } = useEditor();
  const { placement } = useDocument();
  if (placement.type === 'inline') return null;
  const set = (way: string, value: boolean) =>
    session.apply({ type: 'set', path: ['placement', 'closing', way], value });
  return (
    <Stack gap="2.5">
      <Toggle
        label="Close button"
        value={placement.closing.button}
        onChange={(value) => set('button', value)}
      />
      <Toggle label="Esc key" value={placement.closing.escape} onChange={(value) => set('escape', value)} />
      {placement.type === 'centre' && (
        <Toggle
          label="Click beside it"
          value={placement.closing.backdrop}
          onChange={(value) => set('backdrop', value)}
        />
      )}
    </Stack>
  );
}

export function Toggle({
  label,
  value,
  onChange,
}: {
  label: string;
  value: boolean;
  onChange(value: boolean): void;
}) {
  return (
    <Row label={label}>
      {(id) => (
        <Switch.Root
          size="sm"
          ids={{ hiddenInput: id }}
          checked={value}
          onCheckedChange={({ checked }) => onChange(checked)}
        >
          <Switch.HiddenInput />
          <Switch.Control />
        </Switch.Root>
      )}
    </Row>
  );
}

interface NumberRowProps {
  label: string;
  unit: string;
  min: number;
  max: number;
  value: number;
  onChange(value: number): void;
}

/** A number with its unit. What is out of range is not taken, and the field says so. */
export function NumberRow({ label, unit, min, max, value, onChange }: NumberRowProps) {
  return (
    <Row label={`${label} (${unit})`}>
      {(id) => (
        <Input
          id={id}
          type="number"
          size="xs"
          min={min}
          max={max}
          defaultValue={value}
          ref={(input) => {
            // Undo and resets write into the field, but never under the typing hand.
            if (input && input !== document.activeElement) input.value = String(value);
          }}
          css={{ '&:invalid': { borderColor: 'wine', color: 'wine' } }}
          onBlur={(event) => {
            if (!event.target.validity.valid || event.target.value === '') event.target.value = String(value);
          }}
          onChange={(event) => {
            const { valueAsNumber, validity } = event.target;
            if (validity.valid && Number.isFinite(valueAsNumber)) onChange(valueAsNumber);
          }}
        />
      )}
    </Row>
  );
}
