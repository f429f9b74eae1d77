import { Button, Flex, Input, Popover, Portal, Stack, Text } from '@chakra-ui/react';
import { chatSamples, type ChatSample } from '@sirene/core/chat';
import { countdownEnd } from '@sirene/core/document/elements';
import { SlidersHorizontal } from 'lucide-react';
import { useState, useSyncExternalStore } from 'react';
import { useSettledDocument } from '../state/editing.ts';
import { useView } from '../state/view.ts';
import { localMoment, shiftedClock } from './stage-clock.ts';

/** What the stage shows of what changes by itself: mistakes in a form, lines in a basket, the hour. */
export function StageState() {
  const { elements } = useSettledDocument();
  const types = new Set(Object.values(elements).map(({ type }) => type));
  if (!['basket', 'chat', 'countdown', 'form'].some((type) => types.has(type as 'form'))) return null;
  return (
    <Popover.Root lazyMount unmountOnExit positioning={{ placement: 'bottom-start' }}>
      <Popover.Trigger asChild>
        <Button size="xs" variant="outline" colorPalette="plain" flex="none">
          <SlidersHorizontal size={13} aria-hidden />
          Preview
        </Button>
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content w="auto" aria-label="Preview">
            <Popover.Body p="4">
              <Stack gap="4">
                {types.has('form') && <Mistakes />}
                {types.has('basket') && <Samples />}
                {types.has('chat') && <Conversation />}
                {types.has('countdown') && <Clock />}
              </Stack>
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}

/** Whether the stage shows the opening as it comes, or as a visitor sees it who has sent the form empty. */
function Mistakes() {
  const { stage } = useView();
  const mistakes = useSyncExternalStore(stage.subscribe, () => stage.mistakes);
  const states: [string, boolean][] = [
    ['Default', false],
    ['Invalid', true],
  ];
  return (
    <Flex role="group" aria-label="Preview state" gap="1" align="center">
      <Text fontSize="13px" color="slate" me="1">
        Form
      </Text>
      {states.map(([label, value]) => (
        <Button
          key={label}
          size="xs"
          variant={mistakes === value ? 'subtle' : 'ghost'}
          colorPalette="plain"
          aria-pressed={mistakes === value}
          onClick={() => stage.showMistakes(value)}
        >
          {label}
        </Button>
      ))}
    </Flex>
  );
}

/** How the conversation stands that a chat is looked at with. */
function Conversation() {
  const { stage } = useView();
  const chat = useSyncExternalStore(stage.subscribe, () => stage.chat);
  return (
    <Flex role="group" aria-label="Preview conversation" gap="1" align="center" wrap="wrap" maxW="340px">
      <Text fontSize="13px" color="slate" me="1">
        Chat
      </Text>
      {Object.entries(chatSamples).map(([sample, label]) => (
        <Button
          key={sample}
          size="xs"
          variant={chat === sample ? 'subtle' : 'ghost'}
          colorPalette="plain"
          aria-pressed={chat === sample}
          onClick={() => stage.showChat(sample as ChatSample)}
        >
          {label}
        </Button>
      ))}
    </Flex>
  );
}

const mostSamples = 12;

/** How much is in a basket while one looks at it. */
function Samples() {
  const { stage } = useView();
  const count = useSyncExternalStore(stage.subscribe, () => stage.samples);
  return (
    <Flex as="label" align="center" gap="2" fontSize="13px" color="slate">
      Basket
      <input
        type="range"
        min={1}
        max={mostSamples}
        value={count}
        onChange={(event) => stage.showSamples(event.target.valueAsNumber)}
        style={{ width: 110, accentColor: 'var(--chakra-colors-deep)' }}
      />
      <output style={{ minWidth: 16 }}>{count}</output>
    </Flex>
  );
}

type Countdown = Parameters<typeof countdownEnd>[0];

/** A clock that goes on from a moment. */
const clockFrom = (at: number) => shiftedClock(at - Date.now());

/** When the last of some countdowns ends for who sees them now. */
function lastEnd(countdowns: readonly Countdown[]): number | null {
  const now = Date.now();
  const ends = countdowns.flatMap((element) => countdownEnd(element, now) ?? []);
  return ends.length > 0 ? Math.max(...ends) : null;
}

/** The hour on the stage: what depends on it is looked at without changing its end. */
function Clock() {
  const { stage } = useView();
  const { elements } = useSettledDocument();
  const [moment, setMoment] = useState<string | null>(null);
  const [opened] = useState(() => localMoment(Date.now()));
  const countdowns = Object.values(elements).flatMap((element) =>
    element.type === 'countdown' ? [element] : [],
  );
  const set = (at: number | null) => {
    setMoment(at === null ? null : localMoment(at));
    stage.goBy(at === null ? null : clockFrom(at));
  };
  // With so much left of the one that ends last, ms.
  const leave = (left: number) => {
    const end = lastEnd(countdowns);
    if (end !== null) set(end - left);
  };
  const steps = [...new Set(countdowns.flatMap((one) => one.steps ?? []).map(({ under }) => under))];
  const moments: [label: string, left: number][] = [
    ...(steps.length === 0 ? ([['One day before', 86_400_000]] as [string, number][]) : []),
    ...steps
      .sort((a, b) => b - a)
      .map((under): [string, number] => [`Under ${under} h`, under * 3_600_000 - 1000]),
    ['10 s before', 10_000],
    ...(countdowns.some(({ goal }) => goal !== 'repeat') ? ([['Ended', -1000]] as [string, number][]) : []),
  ];
  return (
    <Stack role="group" aria-label="Preview time" gap="1.5">
      <Flex align="center" gap="1.5">
        <Input
          type="datetime-local"
          step={1}
          size="xs"
          w="188px"
          aria-label="Preview time"
          value={moment ?? opened}
          onChange={({ target }) => target.value && set(new Date(target.value).getTime())}
        />
        {moment !== null && (
          <Button size="xs" variant="outline" colorPalette="plain" onClick={() => set(null)}>
            Now
          </Button>
        )}
      </Flex>
      <Flex gap="1" wrap="wrap" maxW="320px">
        {moments.map(([label, left]) => (
          <Button key={label} size="xs" variant="ghost" colorPalette="plain" onClick={() => leave(left)}>
            {label}
          </Button>
        ))}
      </Flex>
    </Stack>
  );
}
