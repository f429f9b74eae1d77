import { Checkbox, Flex, Grid, Stack } from '@chakra-ui/react';
import { readRepeat, ruleOf, shortWeekdays, type Repeat } from '@sirene/core/base/time';
import { Choice } from '../../../shared/Choice.tsx';
import { NumberInput } from '../../../shared/NumberInput.tsx';
import type { PropertyControlProps } from './control-props.ts';

const days = Object.values(shortWeekdays);
const plain: Repeat = { every: 'week', interval: 1, days: [] };

/** How a date comes again: every so many days, weeks or months, on which days, and how often in all. */
export function RepeatControl({ id, value = '', onChange }: PropertyControlProps<string>) {
  const repeat = readRepeat(value) ?? plain;
  const set = (change: Partial<Repeat>) => onChange(ruleOf({ ...repeat, ...change }));
  return (
    <Stack id={id} role="group" aria-label="Repeats" gap="1.5">
      <Grid templateColumns="52px minmax(0, 1fr)" gap="1.5">
        <NumberInput
          label="Every"
          unit=""
          min={1}
          max={1000}
          value={repeat.interval}
          onChange={(interval) => set({ interval })}
        />
        <Choice
          label="Period"
          value={repeat.every}
          options={{ day: 'days', week: 'weeks', month: 'months' }}
          onChange={(every) => set({ every, days: every === 'week' ? repeat.days : [] })}
        />
      </Grid>
      {repeat.every === 'week' && (
        <Flex gap="1" wrap="wrap">
          {days.map((name, at) => (
            <Checkbox.Root
              key={name}
              size="sm"
              checked={repeat.days.includes(at + 1)}
              onCheckedChange={() =>
                set({
                  days: repeat.days.includes(at + 1)
                    ? repeat.days.filter((day) => day !== at + 1)
                    : [...repeat.days, at + 1].sort((a, b) => a - b),
                })
              }
            >
              <Checkbox.HiddenInput />
              <Checkbox.Control />
              <Checkbox.Label fontWeight="400">{name}</Checkbox.Label>
            </Checkbox.Root>
          ))}
        </Flex>
      )}
    </Stack>
  );
}
