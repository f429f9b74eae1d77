import { Button, Flex, Stack, Text } from '@chakra-ui/react';
import { triggerSpecs, type Frequency, type Trigger } from '@sirene/core/behaviour';
import { triggerPhrase } from '@sirene/core/sentence';
import { Choice } from '../inspector/controls.tsx';
import { NumberRow, Toggle } from '../inspector/PlacementControls.tsx';
import { Row } from '../inspector/Row.tsx';
import { useDocument, useEditor } from '../state/editor.tsx';

/** The triggers, and whether one of them is enough. */
export function TriggerControls() {
  const { session } = useEditor();
  const { triggers } = useDocument().behaviour;
  const mode = 'any' in triggers ? 'any' : 'all';
  const list = 'any' in triggers ? triggers.any : triggers.all;
  const set = (next: Trigger[], how = mode) =>
    session.apply({ type: 'set', path: ['behaviour', 'triggers'], value: { [how]: next } }, 'triggers');
  const change = (at: number, trigger: Trigger) => set(list.with(at, trigger));
  const offered = triggerSpecs.filter(({ type }) => !list.some((one) => one.type === type));
  return (
    <Stack gap="3">
      {list.length > 1 && (
        <Row label="Needed">
          {(id) => (
            <Choice
              id={id}
              value={mode}
              options={{ any: 'Any one of these', all: 'All of these' }}
              onChange={(how) => set(list, how as 'any' | 'all')}
            />
          )}
        </Row>
      )}
      {list.map((trigger, at) => (
        <Stack key={trigger.type} gap="2" borderBottomWidth="1px" pb="3">
          <Flex justify="space-between" align="center">
            <Text fontWeight="600">{sentenceCase(triggerPhrase(trigger))}</Text>
            <Button
              size="2xs"
              variant="outline"
              colorPalette="plain"
              disabled={list.length === 1}
              aria-label={`Remove: ${triggerPhrase(trigger)}`}
              onClick={() => set(list.toSpliced(at, 1))}
            >
              Remove
            </Button>
          </Flex>
          {trigger.type === 'delay' && (
            <NumberRow
              label="After"
              unit="s"
              min={0}
              max={3600}
              value={trigger.seconds}
              onChange={(seconds) => change(at, { ...trigger, seconds })}
            />
          )}
          {trigger.type === 'scroll' && (
            <NumberRow
              label="Scrolled"
              unit="%"
              min={0}
              max={100}
              value={Math.round(trigger.share * 100)}
              onChange={(share) => change(at, { ...trigger, share: share / 100 })}
            />
          )}
        </Stack>
      ))}
      <Flex gap="2" wrap="wrap">
        {offered.map((spec) => (
          <Button
            key={spec.type}
            size="xs"
            variant="outline"
            colorPalette="plain"
            onClick={() => set([...list, spec.create() as Trigger])}
          >
            Add: {spec.label}
          </Button>
        ))}
      </Flex>
    </Stack>
  );
}

const sentenceCase = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** How often it may appear to one visitor. */
export function FrequencyControls() {
  const { session } = useEditor();
  const { frequency } = useDocument().behaviour;
  const set = (value: Frequency) =>
    session.apply({ type: 'set', path: ['behaviour', 'frequency'], value }, 'frequency');
  return (
    <Stack gap="3">
      <Row label="At most once">
        {(id) => (
          <Choice
            id={id}
            value={frequency.per}
            options={{ page: 'a page view', visit: 'a visit', days: 'in some days' }}
            onChange={(per) => set(per === 'days' ? { per, days: 7 } : { per: per as 'page' | 'visit' })}
          />
        )}
      </Row>
      {frequency.per === 'days' && (
        <NumberRow
          label="Once in"
          unit="days"
          min={1}
          max={3650}
          value={frequency.days}
          onChange={(days) => set({ per: 'days', days })}
        />
      )}
      <Text color="slate" fontSize="13px">
        A visit ends when no page has been seen for 30 minutes.
      </Text>
    </Stack>
  );
}

/** Whether and when it comes again after the visitor has closed or submitted it. */
export function PauseControls({ which }: { which: 'afterClosing' | 'afterSubmitting' }) {
  const { session } = useEditor();
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
