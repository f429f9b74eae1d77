import { Box, Button, Flex, Slider, Text } from '@chakra-ui/react';
import { conditionWords, triggerPhrase } from '@sirene/core/review/sentence';
import type { Reason, SignalType } from '@sirene/core/behaviour';
import { Pause, Play, Square } from 'lucide-react';
import { useEffect, useReducer, useState } from 'react';
import { StateMark } from '../../shared/StateMark.tsx';
import { deeds, type Rehearsal } from './rehearsal.ts';

const speeds = [1, 4, 16] as const;

const sliders = deeds.flatMap(([signal, deed]) => (deed.by === 'share' ? [[signal, deed] as const] : []));

/** m:ss of virtual time, with days where there are any. */
function virtualTime(ms: number): string {
  const seconds = Math.floor(ms / 1000);
  const days = Math.floor(seconds / 86_400);
  const rest = seconds % 86_400;
  const clock = `${Math.floor(rest / 60)}:${String(rest % 60).padStart(2, '0')}`;
  return days > 0 ? `day ${days + 1}, ${clock}` : clock;
}

/** The virtual clock and what the visitor does, what happened so far, and which rule holds now. */
export function RehearsalPanel({ rehearsal, onEnd }: { rehearsal: Rehearsal; onEnd: () => void }) {
  const [, redraw] = useReducer((count: number) => count + 1, 0);
  const [playing, setPlaying] = useState(true);
  const [speed, setSpeed] = useState<number>(1);
  const [shares, setShares] = useState<Partial<Record<SignalType, number>>>({});
  useEffect(() => rehearsal.subscribe(redraw), [rehearsal]);
  useEffect(() => {
    if (!playing) return;
    let last = performance.now();
    const timer = setInterval(() => {
      const now = performance.now();
      rehearsal.pass((now - last) * speed);
      last = now;
    }, 50);
    return () => clearInterval(timer);
  }, [playing, speed, rehearsal]);

  const steps: [string, () => void][] = [
    ['Wait 10 s', () => rehearsal.pass(10_000)],
    ...rehearsal.presses.map(({ signal, label, detail }): [string, () => void] => [
      label,
      () => rehearsal.happens(signal, detail),
    ]),
    [
      'Next page',
      () => {
        setShares({});
        rehearsal.nextPage();
      },
    ],
    ['A day later', () => rehearsal.comeBack(1)],
    ['A week later', () => rehearsal.comeBack(7)],
  ];

  return (
    <>
      <Flex gap="2" align="center" px="4" h="44px" flex="none" borderBottomWidth="1px">
        <Button
          size="xs"
          colorPalette="plain"
          variant="outline"
          aria-label={playing ? 'Pause' : 'Play'}
          onClick={() => setPlaying(!playing)}
        >
          {playing ? <Pause size={14} aria-hidden /> : <Play size={14} aria-hidden />}
        </Button>
        <Text fontFamily="mono" fontSize="15px" w="104px" aria-label="Virtual time">
          {virtualTime(rehearsal.elapsed)}
        </Text>
        <Flex role="group" aria-label="Speed" gap="0.5">
          {speeds.map((value) => (
            <Button
              key={value}
              size="xs"
              px="1.5"
              variant={value === speed ? 'subtle' : 'ghost'}
              colorPalette="plain"
              aria-pressed={value === speed}
              onClick={() => setSpeed(value)}
            >
              {value}×
            </Button>
          ))}
        </Flex>
        {steps.map(([label, deed]) => (
          <Button key={label} size="xs" variant="outline" colorPalette="plain" onClick={deed}>
            {label}
          </Button>
        ))}
        <Button size="xs" colorPalette="plain" ml="auto" onClick={onEnd}>
          <Square size={12} aria-hidden />
          End rehearsal
        </Button>
      </Flex>
      <Flex gap="8" px="4" py="2" minH="0" flex="1">
        {sliders.map(([signal, deed]) => (
          <ShareSlider
            key={signal}
            label={deed.label}
            share={shares[signal] ?? 0}
            onShare={(share) => {
              setShares({ ...shares, [signal]: share });
              rehearsal.happens(signal, deed.detail(share));
            }}
          />
        ))}
        <Box
          as="ol"
          flex="1"
          minW="0"
          overflow="auto"
          listStyleType="none"
          aria-label="What happened"
          tabIndex={0}
        >
          {rehearsal.log.toReversed().map(({ at, text }, index) => (
            <Flex as="li" key={rehearsal.log.length - index} gap="3">
              <Text
                as="span"
                fontFamily="mono"
                fontSize="13px"
                color="slate"
                w="104px"
                flex="none"
                textAlign="end"
              >
                {virtualTime(at)}
              </Text>
              {text}
            </Flex>
          ))}
        </Box>
        <Why rehearsal={rehearsal} />
      </Flex>
    </>
  );
}

function Why({ rehearsal }: { rehearsal: Rehearsal }) {
  const explanation = rehearsal.explain();
  if (!explanation) return null;
  return (
    <Box as="section" aria-label="Why" w="330px" flex="none" overflow="auto" tabIndex={0}>
      <Text fontWeight="600">{explanation.open ? 'Why it is shown' : 'Why it is not shown'}</Text>
      {explanation.reasons.map((reason) => (
        <Box key={reason.rule} fontSize="13px" lineHeight="1.4">
          <StateMark tone={reason.holds ? 'good' : 'bad'} wraps>
            {reasonWords(reason, (id) => rehearsal.slugOf(id))}
          </StateMark>
        </Box>
      ))}
    </Box>
  );
}

const pauses = {
  closed: 'It was closed, and may not show again yet',
  submitted: 'The form has been submitted before',
  frequency: 'It has reached its frequency limit',
};

function reasonWords(reason: Reason, slugOf: (id: string) => string): string {
  switch (reason.rule) {
    case 'targeting':
      return reason.holds ? 'Page and visitor match' : `Page or visitor does not match${failing(reason)}`;
    case 'pause':
      return reason.pause ? pauses[reason.pause] : 'Frequency allows it';
    case 'triggers':
      return reason.holds
        ? 'A trigger has fired'
        : `Not yet: ${reason.triggers
            .filter(({ fired }) => !fired)
            .map(({ trigger }) => triggerPhrase(trigger))
            .join(', ')}`;
    case 'place':
      return placeWords(reason, slugOf);
  }
}

function placeWords({ blocker }: Reason & { rule: 'place' }, slugOf: (id: string) => string): string {
  if (!blocker) return 'Its position is free';
  return blocker.by === 'marker'
    ? 'The page has no marker for it'
    : `Its position is taken by “${slugOf(blocker.widget)}”`;
}

function failing({ outcome }: Reason & { rule: 'targeting' }): string {
  const failed = outcome.children.find(({ holds }) => !holds);
  return failed && typeof failed.node === 'object' ? `: ${conditionWords(failed.node)}` : '';
}

interface ShareSliderProps {
  label: string;
  /** 0 to 1. */
  share: number;
  onShare(share: number): void;
}

function ShareSlider({ label, share, onShare }: ShareSliderProps) {
  const percent = Math.round(share * 100);
  return (
    <Slider.Root
      w="260px"
      flex="none"
      size="sm"
      colorPalette="plain"
      min={0}
      max={100}
      value={[percent]}
      aria-label={[label]}
      onValueChange={({ value: [next = 0] }) => onShare(next / 100)}
    >
      <Flex justify="space-between">
        <Slider.Label fontSize="13px">{label}</Slider.Label>
        <Text fontFamily="mono" fontSize="13px">
          {percent} %
        </Text>
      </Flex>
      <Slider.Control>
        <Slider.Track>
          <Slider.Range />
        </Slider.Track>
        <Slider.Thumbs />
      </Slider.Control>
    </Slider.Root>
  );
}
