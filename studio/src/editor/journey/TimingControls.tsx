import { Checkbox, Stack, Text } from '@chakra-ui/react';
import { specOf, triggerSpecs, triggersOf, type Frequency, type Trigger } from '@sirene/core/behaviour';
import { triggerPhrase } from '@sirene/core/review/sentence';
import { Choice } from '../../shared/Choice.tsx';
import { NumberRow } from '../inspector/NumberRow.tsx';
import { Toggle } from '../../shared/Toggle.tsx';
import { Row } from '../../shared/Row.tsx';
import { useDocument, useEditing } from '../state/editing.ts';
import { RuleFields } from './RuleFields.tsx';
import { RuleList } from './RuleList.tsx';
import { useOtherWidgets } from './WidgetChoice.tsx';

/** The triggers, and whether one of them is enough. */
export function TriggerControls() {
  const { session } = useEditing();
  const { behaviour } = useDocument();
  const mode = 'any' in behaviour.triggers ? 'any' : 'all';
  const list = triggersOf(behaviour);
  const set = (next: Trigger[], how = mode) =>
    session.apply({ type: 'set', path: ['behaviour', 'triggers'], value: { [how]: next } }, 'triggers');
  return (
    <Stack gap="3">
      {list.length > 1 && (
        <Row label="Match">
          {(id) => (
            <Choice
              id={id}
              value={mode}
              options={{ any: 'Any of these', all: 'All of these' }}
              onChange={(how) => set(list, how as 'any' | 'all')}
            />
          )}
        </Row>
      )}
      <RuleList
        rules={list}
        words={triggerPhrase}
        controls={(trigger, change) => (
          <RuleFields spec={specOf(triggerSpecs, trigger)} rule={trigger} onChange={change} />
        )}
        offered={triggerSpecs}
        one="trigger"
        least={1}
        onChange={set}
      />
    </Stack>
  );
}

/** How often it may appear to one visitor. */
export function FrequencyControls() {
  const { session } = useEditing();
  const { frequency } = useDocument().behaviour;
  const { most } = frequency;
  const set = (value: Frequency) =>
    session.apply({ type: 'set', path: ['behaviour', 'frequency'], value }, 'frequency');
  return (
    <Stack gap="3">
      <Row label="Frequency">
        {(id) => (
          <Choice
            id={id}
            value={frequency.per}
            options={{ page: 'a page view', visit: 'a visit', days: 'every few days' }}
            onChange={(per) =>
              set({
                ...(per === 'days' ? { per, days: 7 } : { per: per as 'page' | 'visit' }),
                ...(most !== undefined && { most }),
              })
            }
          />
        )}
      </Row>
      {frequency.per === 'days' && (
        <NumberRow
          label="Once every"
          unit="days"
          min={1}
          max={3650}
          value={frequency.days}
          onChange={(days) => set({ ...frequency, days })}
        />
      )}
      <Toggle
        label="Limit in all"
        value={most !== undefined}
        onChange={(limited) => {
          const { most: _, ...rest } = frequency;
          set(limited ? { ...rest, most: 3 } : rest);
        }}
      />
      {most !== undefined && (
        <NumberRow
          label="At most"
          unit="times"
          min={1}
          max={1000}
          value={most}
          onChange={(next) => set({ ...frequency, most: next })}
        />
      )}
      <Text color="slate" fontSize="13px">
        A visit ends after 30 minutes without a page view.
      </Text>
    </Stack>
  );
}

/** Whether and when it comes again after the visitor has closed or submitted it. */
export function PauseControls({ which }: { which: 'afterClosing' | 'afterSubmitting' }) {
  const { session } = useEditing();
  const days = useDocument().behaviour.returning[which];
  const set = (value: number | null) =>
    session.apply({ type: 'set', path: ['behaviour', 'returning', which], value }, which);
  return (
    <Stack gap="3">
      <Toggle label="Never again" value={days === null} onChange={(never) => set(never ? null : 7)} />
      {days !== null && (
        <NumberRow label="Not for" unit="days" min={0} max={3650} value={days} onChange={set} />
      )}
    </Stack>
  );
}

/** The widgets after whose submission this one stays away. */
export function OthersControls() {
  const { session } = useEditing();
  const { returning } = useDocument().behaviour;
  const chosen = returning.afterOthers ?? [];
  const others = useOtherWidgets();
  const set = (next: string[]) => {
    const { afterOthers: _, ...rest } = returning;
    const value = next.length > 0 ? { ...rest, afterOthers: next } : rest;
    session.apply({ type: 'set', path: ['behaviour', 'returning'], value }, 'afterOthers');
  };
  // One that is chosen and gone is still listed, so that it can be let go.
  const gone = chosen.filter((slug) => !others.some(({ value }) => value === slug));
  return (
    <Stack gap="2">
      <Text color="slate">Never shows again to visitors who have submitted one of these.</Text>
      <Stack role="group" aria-label="Widgets" gap="1" maxH="220px" overflow="auto" tabIndex={0}>
        {[...others, ...gone.map((value) => ({ value, label: value }))].map(({ value, label }) => (
          <Checkbox.Root
            key={value}
            size="sm"
            minH="24px"
            checked={chosen.includes(value)}
            onCheckedChange={() =>
              set(chosen.includes(value) ? chosen.filter((one) => one !== value) : [...chosen, value])
            }
          >
            <Checkbox.HiddenInput />
            <Checkbox.Control />
            <Checkbox.Label fontWeight="400">{label}</Checkbox.Label>
          </Checkbox.Root>
        ))}
        {others.length + gone.length === 0 && <Text>The site has no other widgets yet.</Text>}
      </Stack>
    </Stack>
  );
}
