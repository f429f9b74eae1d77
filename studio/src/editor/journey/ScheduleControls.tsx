import { Box, Button, Flex, Input, Stack, Text } from '@chakra-ui/react';
import { hoursProblem, type Schedule } from '@sirene/core/behaviour';
import { hoursWords, shortWeekdays } from '@sirene/core/base/time';
import { Plus } from 'lucide-react';
import { useRef, useState } from 'react';
import { keepFocus } from '../../shared/keep-focus.ts';
import { Row } from '../../shared/Row.tsx';
import { ZoneChoice } from '../../shared/ZoneChoice.tsx';
import { useDocument, useEditing } from '../state/editing.ts';
import { RuleFieldRow } from './RuleFieldRow.tsx';
import { sentenceCase } from './RuleList.tsx';

type Hours = Schedule['hours'][number];

const evenings: Hours = { days: [1, 2, 3, 4, 5, 6, 7], from: '16:00', to: '23:00' };

/** From when, until when and in which hours it may appear, by the clocks of one zone. */
export function ScheduleControls() {
  const { session, site } = useEditing();
  const { schedule } = useDocument().behaviour;
  const [problem, setProblem] = useState<string | null>(null);
  const whole = useRef<HTMLDivElement>(null);
  const now: Schedule = schedule ?? { zone: site.zone, hours: [] };
  const set = (next: Schedule) => {
    const isEmpty = next.from === undefined && next.until === undefined && next.hours.length === 0;
    // A zone that is chosen first is kept, so that it is there for the dates that follow.
    const value = isEmpty && next.zone === site.zone ? undefined : next;
    const refused = session.apply({ type: 'set', path: ['behaviour', 'schedule'], value }, 'schedule');
    setProblem(refused && `The schedule ${refused.reason}.`);
  };
  const moment = (key: 'from' | 'until', label: string) => (
    <Row label={label}>
      {(id) => (
        <Input
          id={id}
          size="xs"
          bg="sheet"
          type="datetime-local"
          value={now[key] ?? ''}
          onChange={(event) => {
            const { [key]: _, ...rest } = now;
            set(event.target.value ? { ...rest, [key]: event.target.value } : rest);
          }}
        />
      )}
    </Row>
  );
  return (
    <Stack ref={whole} tabIndex={-1} outline="none" gap="3" maxH="52vh" overflow="auto">
      {moment('from', 'From')}
      {moment('until', 'Until')}
      <Row label="Time zone">
        {(id) => <ZoneChoice id={id} value={now.zone} onChange={(zone) => set({ ...now, zone })} />}
      </Row>
      {problem && (
        <Text role="alert" color="wine" fontSize="13px">
          {problem}
        </Text>
      )}
      <Text fontWeight="600">Weekly hours</Text>
      {now.hours.length === 0 && <Text color="slate">At any hour of the week.</Text>}
      {now.hours.map((row, at) => (
        <HoursRow
          key={at}
          row={row}
          earlier={now.hours.filter((_, other) => other !== at)}
          onChange={(changed) => set({ ...now, hours: now.hours.with(at, changed) })}
          onRemove={() => {
            set({ ...now, hours: now.hours.toSpliced(at, 1) });
            keepFocus(whole.current);
          }}
        />
      ))}
      <Button
        size="xs"
        variant="outline"
        colorPalette="plain"
        alignSelf="start"
        disabled={hoursProblem(nextHours(now.hours), now.hours) !== null}
        onClick={() => set({ ...now, hours: [...now.hours, nextHours(now.hours)] })}
      >
        <Plus size={13} aria-hidden />
        Add hours
      </Button>
      <Text color="slate" fontSize="13px">
        Where the clocks jump over a time, it is moved forward; where it comes twice, the first counts.
      </Text>
    </Stack>
  );
}

const isTime = (text: string): boolean => /^(([01]\d|2[0-3]):[0-5]\d|24:00)$/.test(text);

function draftProblem(row: Hours, earlier: readonly Hours[]): string | null {
  if (!isTime(row.from) || !isTime(row.to)) return 'Type times of day, such as 16:00 or 24:00.';
  const reason = hoursProblem(row, earlier);
  return reason && `The end ${reason}.`;
}

/** Hours for the days that have none yet; the evenings where there are none at all. */
function nextHours(hours: readonly Hours[]): Hours {
  const free = evenings.days.filter((day) => !hours.some(({ days }) => days.includes(day)));
  return { ...evenings, days: free.length > 0 ? free : evenings.days };
}

function HoursRow({
  row,
  earlier,
  onChange,
  onRemove,
}: {
  row: Hours;
  earlier: readonly Hours[];
  onChange(row: Hours): void;
  onRemove(): void;
}) {
  // What can't be used yet stands where it was typed.
  const [draft, setDraft] = useState<Hours | null>(null);
  const shown = draft ?? row;
  const reason = draft && draftProblem(draft, earlier);
  const change = (next: Hours) => {
    const isFull = isTime(next.from) && isTime(next.to);
    if (!isFull || hoursProblem(next, earlier)) return setDraft(next);
    setDraft(null);
    onChange(next);
  };
  return (
    <Stack gap="2" borderWidth="1px" rounded="sm" p="2.5">
      <Flex justify="space-between" align="center">
        <Text>{sentenceCase(hoursWords(row))}</Text>
        <Button
          size="2xs"
          variant="outline"
          colorPalette="plain"
          aria-label={`Remove: ${hoursWords(row)}`}
          onClick={onRemove}
        >
          Remove
        </Button>
      </Flex>
      <RuleFieldRow
        field={{ key: 'days', label: 'Days', several: shortWeekdays }}
        rule={{}}
        value={shown.days}
        onChange={(days) => change({ ...shown, days: days as number[] })}
      />
      <Flex gap="3">
        {(['from', 'to'] as const).map((key) => (
          <Box key={key} flex="1">
            <Row label={key === 'from' ? 'From' : 'To'} narrow>
              {(id) => (
                <Input
                  id={id}
                  size="xs"
                  bg="sheet"
                  // A field of the kind "time" can't say 24:00, the end of a day.
                  placeholder="16:00"
                  maxLength={5}
                  value={shown[key]}
                  onChange={(event) => change({ ...shown, [key]: event.target.value })}
                />
              )}
            </Row>
          </Box>
        ))}
      </Flex>
      {reason && (
        <Text role="alert" color="wine" fontSize="13px">
          {reason}
        </Text>
      )}
    </Stack>
  );
}
