import { Box, Button, Stack } from '@chakra-ui/react';
import {
  createPassage,
  createSignal,
  motionEasings,
  motionSides,
  passages,
  signals,
  type Motions,
  type Passage,
  type Signal,
} from '@sirene/core/style/motion';
import type { Path } from '@sirene/core/document/widget';
import { RefreshCw } from 'lucide-react';
import { useEditing, useValueAt } from '../state/editing.ts';
import { useView } from '../state/view.ts';
import { Choice } from '../../shared/Choice.tsx';
import { NumberInput } from '../../shared/NumberInput.tsx';
import { Row } from '../../shared/Row.tsx';
import { Toggle } from '../../shared/Toggle.tsx';

const kinds = ['entrance', 'exit', 'attention'] as const;
const titles = { entrance: 'Entrance', exit: 'Exit', attention: 'Attention' };
const sideNames = {
  top: 'From the top',
  right: 'From the right',
  bottom: 'From the bottom',
  left: 'From the left',
};

interface Props {
  /** Where in the document the motions stand. */
  at: Path;
  /** Whether it may wait until it is scrolled to. */
  inView?: boolean;
}

/** How a widget or an element comes, goes and draws the eye. */
export function MotionControls({ at, inView = false }: Props) {
  const { session } = useEditing();
  const { stage } = useView();
  const motions = useValueAt(at) as Motions | undefined;
  const set = (kind: string, value: unknown) => {
    session.apply({ type: 'set', path: [...at, kind], value }, `${at.join('.')}.${kind}`);
    stage.replay();
  };
  return (
    <Stack gap="2.5">
      {kinds.map((kind) =>
        kind === 'attention' ? (
          <SignalRows key={kind} value={motions?.attention} onChange={(next) => set(kind, next)} />
        ) : kind === 'exit' && inView ? null : (
          <PassageRows
            key={kind}
            title={titles[kind]}
            value={motions?.[kind]}
            inView={inView}
            onChange={(next) => set(kind, next)}
          />
        ),
      )}
      <Button
        size="2xs"
        variant="outline"
        colorPalette="plain"
        alignSelf="start"
        onClick={() => stage.replay()}
      >
        <RefreshCw size={12} aria-hidden />
        Play again
      </Button>
    </Stack>
  );
}

function PassageRows({
  title,
  value,
  inView,
  onChange,
}: {
  title: string;
  value: Passage | undefined;
  inView: boolean;
  onChange(value: Passage | undefined): void;
}) {
  const choose = (kind: string) =>
    onChange(kind === '' ? undefined : { ...(value ?? createPassage()), kind: kind as Passage['kind'] });
  return (
    <>
      <Row label={title}>
        {(id) => (
          <Choice
            id={id}
            value={value?.kind ?? ''}
            options={{ '': 'Default', ...passages }}
            onChange={choose}
          />
        )}
      </Row>
      {value && (
        <Timing title={title} value={value} onChange={(change) => onChange({ ...value, ...change })}>
          {['slide', 'turn', 'unfold'].includes(value.kind) && (
            <Row label="Direction">
              {(id) => (
                <Choice
                  id={id}
                  value={value.from}
                  options={sideNames}
                  onChange={(from) => onChange({ ...value, from: from as (typeof motionSides)[number] })}
                />
              )}
            </Row>
          )}
          {inView && (
            <Toggle
              label="On scroll into view"
              value={value.inView === true}
              onChange={(on) => {
                const { inView: _, ...rest } = value;
                onChange(on ? { ...rest, inView: true } : rest);
              }}
            />
          )}
        </Timing>
      )}
    </>
  );
}

function SignalRows({
  value,
  onChange,
}: {
  value: Signal | undefined;
  onChange(value: Signal | undefined): void;
}) {
  const choose = (kind: string) =>
    onChange(kind === '' ? undefined : { ...(value ?? createSignal()), kind: kind as Signal['kind'] });
  return (
    <>
      <Row label={titles.attention}>
        {(id) => (
          <Choice id={id} value={value?.kind ?? ''} options={{ '': 'None', ...signals }} onChange={choose} />
        )}
      </Row>
      {value && (
        <Timing
          title={titles.attention}
          value={value}
          onChange={(change) => onChange({ ...value, ...change })}
        >
          <Row label="Repeats (0: forever)">
            {(id) => (
              <NumberInput
                id={id}
                min={0}
                max={20}
                step={1}
                value={value.times}
                onChange={(times) => onChange({ ...value, times })}
              />
            )}
          </Row>
        </Timing>
      )}
    </>
  );
}

type Timed = Pick<Passage, 'strength' | 'duration' | 'delay' | 'easing'>;

function Timing({
  title,
  value,
  onChange,
  children,
}: {
  title: string;
  value: Timed;
  onChange(change: Partial<Timed>): void;
  children: React.ReactNode;
}) {
  const number = (
    label: string,
    key: 'strength' | 'duration' | 'delay',
    max: number,
    step: number,
    unit?: string,
  ) => (
    <Row label={label}>
      {(id) => (
        <NumberInput
          id={id}
          min={0}
          max={max}
          step={step}
          unit={unit}
          value={value[key]}
          onChange={(next) => onChange({ [key]: next })}
        />
      )}
    </Row>
  );
  return (
    <Box borderStartWidth="2px" ps="2.5" role="group" aria-label={title}>
      <Stack gap="2">
        {children}
        {number('Intensity', 'strength', 1, 0.05)}
        {number('Duration (ms)', 'duration', 10_000, 50, 'ms')}
        {number('Delay (ms)', 'delay', 60_000, 50, 'ms')}
        <Row label="Easing">
          {(id) => (
            <Choice
              id={id}
              value={value.easing}
              options={motionEasings}
              onChange={(easing) => onChange({ easing: easing as Timed['easing'] })}
            />
          )}
        </Row>
      </Stack>
    </Box>
  );
}
