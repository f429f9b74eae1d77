import { Stack, Text } from '@chakra-ui/react';
import { usualTraffic, type TrafficModel } from '@sirene/core/rehearse/traffic';
import { LabelledSlider } from '../../shared/LabelledSlider.tsx';
import { NumberInput } from '../../shared/NumberInput.tsx';
import { Row } from '../../shared/Row.tsx';

type Key = keyof TrafficModel;

interface Described {
  key: Key;
  label: string;
  /** A share is shown in %. */
  share?: true;
  unit?: string;
  min?: number;
  max?: number;
}

const groups: readonly [title: string, sliders: readonly Described[]][] = [
  [
    'Who comes',
    [
      { key: 'returning', label: 'Returning visitors', share: true },
      { key: 'phones', label: 'On phones', share: true },
      { key: 'tablets', label: 'On tablets', share: true },
      { key: 'referred', label: 'From other sites', share: true },
      { key: 'campaign', label: 'From campaigns', share: true },
      { key: 'members', label: 'Members', share: true },
    ],
  ],
  [
    'When',
    [
      { key: 'evenings', label: 'In the evening (17–23)', share: true },
      { key: 'weekends', label: 'At the weekend', share: true },
      { key: 'days', label: 'Days', unit: 'days', min: 1, max: 60 },
    ],
  ],
  [
    'What they do',
    [
      { key: 'pages', label: 'Pages per visit', unit: 'pages', min: 1, max: 15 },
      { key: 'reading', label: 'Reading time', unit: 's', min: 5, max: 300 },
      { key: 'scrolling', label: 'Scroll depth', share: true },
      { key: 'leaving', label: 'Exit intent at the end', share: true },
      { key: 'closing', label: 'Widget closed after', unit: 's', min: 1, max: 120 },
      { key: 'submitting', label: 'Forms submitted', share: true },
    ],
  ],
];

/** What the played visitors are like. */
export function TrafficSliders({
  model,
  onChange,
}: {
  model: TrafficModel;
  onChange(model: TrafficModel): void;
}) {
  const set = (key: Key, value: number) => onChange({ ...model, [key]: value });
  return (
    <Stack gap="4">
      <Row label="Visitors">
        {(id) => (
          <NumberInput
            id={id}
            unit=""
            min={1}
            max={50_000}
            value={model.visitors}
            onChange={(value) => set('visitors', value)}
          />
        )}
      </Row>
      <Row label="Seed">
        {(id) => (
          <NumberInput
            id={id}
            unit=""
            min={1}
            max={1_000_000}
            value={model.seed}
            onChange={(value) => set('seed', value)}
          />
        )}
      </Row>
      {groups.map(([title, sliders]) => (
        <Stack key={title} gap="2" role="group" aria-label={title}>
          <Text fontWeight="600" fontSize="13px">
            {title}
          </Text>
          {sliders.map(({ key, label, share, unit = '', min, max }) => {
            const value = share ? Math.round(model[key] * 100) : model[key];
            return (
              <LabelledSlider
                key={key}
                label={label}
                value={value}
                unit={share ? '%' : unit}
                min={min}
                max={max}
                onChange={(next) => set(key, share ? next / 100 : next)}
              />
            );
          })}
        </Stack>
      ))}
      {JSON.stringify({ ...model, seed: 0 }) !== JSON.stringify({ ...usualTraffic, seed: 0 }) && (
        <Text
          as="button"
          color="deep"
          textDecoration="underline"
          textAlign="start"
          onClick={() => onChange({ ...usualTraffic, seed: model.seed })}
        >
          Reset to a usual site
        </Text>
      )}
    </Stack>
  );
}
