import { Box, Button, Flex, Slider, Text } from '@chakra-ui/react';
import { conditionWords, triggerPhrase } from '@sirene/core/review/sentence';
import type { Reason } from '@sirene/core/behaviour';
import { Pause, Play, Square } from 'lucide-react';
import { useEffect, useReducer, useState } from 'react';
import { StateMark } from '../../shared/StateMark.tsx';
import type { Rehearsal } from './rehearsal.ts';

const speeds = [1, 4, 16] as const;

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
  const [scrolled, setScrolled] = useState(0);
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

  const deeds: [string, () => void][] = [
    ['Wait 10 s', () => rehearsal.pass(10_000)],
    ['Exit intent', () => rehearsal.leave()],
    [
      'Next page',
      () => {
        setScrolled(0);
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
        {deeds.map(([label, deed]) => (
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
        <Slider.Root
          w="260px"
          flex="none"
          size="sm"
          colorPalette="plain"
          min={0}
          max={100}
          value={[scrolled]}
          aria-label={['Scroll']}
          onValueChange={({ value: [share = 0] }) => {
            setScrolled(share);
            rehearsal.scroll(share / 100);
          }}
        >
          <Flex justify="space-between">
            <Slider.Label fontSize="13px">Scroll depth</Slider.Label>
            <Text fontFamily="mono" fontSize="13px">
              {scrolled} %
            </Text>
          </Flex>
          <Slider.Control>
            <Slider.Track>
              <Slider.Range />
            </Slider.Track>
            <Slider.Thumbs />
          </Slider.Control>
        </Slider.Root>
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
