import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { titleOfName, type SignalType } from '@sirene/core/behaviour';
import { Pause, Play, Square } from 'lucide-react';
import { useEffect, useReducer, useState } from 'react';
import { LabelledSlider } from '../../shared/LabelledSlider.tsx';
import { StateMark } from '../../shared/StateMark.tsx';
import { ReasonRow } from '../../shared/ReasonRow.tsx';
import { deeds, type Rehearsal, type Visitor } from './rehearsal.ts';
import { VisitorControls } from './VisitorControls.tsx';

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
export function RehearsalPanel({
  rehearsal,
  visitor,
  onRestart,
  onEnd,
}: {
  rehearsal: Rehearsal;
  visitor: Visitor;
  onRestart(visitor: Visitor): void;
  onEnd(): void;
}) {
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
    ...(rehearsal.opensByHand ? [['Open widget', () => rehearsal.ask()] as [string, () => void]] : []),
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
        <Flex gap="2" flex="1" minW="0" overflowX="auto" py="1">
          {steps.map(([label, deed]) => (
            <Button key={label} size="xs" flex="none" variant="outline" colorPalette="plain" onClick={deed}>
              {label}
            </Button>
          ))}
        </Flex>
        <VisitorControls visitor={visitor} onRestart={onRestart} />
        <Button size="xs" colorPalette="plain" onClick={onEnd}>
          <Square size={12} aria-hidden />
          End rehearsal
        </Button>
      </Flex>
      <Flex gap="6" px="4" py="2" minH="0" flex="1">
        <Flex direction="column" flex="1" minW="0" gap="1">
          {sliders.map(([signal, deed]) => (
            <LabelledSlider
              key={signal}
              label={deed.label}
              value={Math.round((shares[signal] ?? 0) * 100)}
              unit="%"
              onChange={(percent) => {
                const share = percent / 100;
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
                  w="76px"
                  flex="none"
                  textAlign="end"
                >
                  {virtualTime(at)}
                </Text>
                {text}
              </Flex>
            ))}
          </Box>
        </Flex>
        <Why rehearsal={rehearsal} />
      </Flex>
    </>
  );
}

const states = {
  shown: ['good', 'Shown'],
  waiting: ['waiting', 'Waits'],
  away: ['quiet', 'Not shown'],
} as const;

/** All of the site's widgets, and for one of them rule by rule why it is shown or not. */
function Why({ rehearsal }: { rehearsal: Rehearsal }) {
  const { standings } = rehearsal;
  const [chosen, setChosen] = useState(standings[0]?.id ?? '');
  const lines = rehearsal.explain(chosen);
  return (
    <Flex as="section" aria-label="Why" flex="none" w="570px" gap="3" minH="0">
      <Box w="232px" flex="none" overflow="auto" role="group" aria-label="Widgets">
        {standings.map(({ id, slug, state }) => (
          <Button
            key={id}
            variant={id === chosen ? 'subtle' : 'ghost'}
            colorPalette="plain"
            size="xs"
            w="full"
            h="auto"
            minH="24px"
            py="0.5"
            justifyContent="space-between"
            aria-pressed={id === chosen}
            onClick={() => setChosen(id)}
          >
            <Text as="span" truncate>
              {titleOfName(slug).slice(1, -1)}
            </Text>
            <StateMark tone={states[state][0]}>{states[state][1]}</StateMark>
          </Button>
        ))}
      </Box>
      <Box flex="1" minW="0" overflow="auto" tabIndex={0} aria-label="Reasons" role="group">
        {lines?.map((line) => (
          <ReasonRow key={line.wanted} line={line} />
        ))}
      </Box>
    </Flex>
  );
}
