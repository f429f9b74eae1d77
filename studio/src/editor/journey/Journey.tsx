import { Box, Button, Flex } from '@chakra-ui/react';
import { stations, type Station } from '@sirene/core/review/sentence';
import { Play } from 'lucide-react';
import { useRef, useState } from 'react';
import { useView } from '../state/view.ts';
import type { Rehearsal, Visitor } from './rehearsal.ts';
import { RehearsalPanel } from './RehearsalPanel.tsx';
import { SceneBar } from './SceneBar.tsx';
import { stationNames } from './station-names.ts';
import { Sentence } from './Sentence.tsx';
import { TryLive } from './TryLive.tsx';

const hints: Record<Station, string> = {
  arrive: 'The stage shows the page before the widget appears.',
  appear: 'The stage shows its entrance.',
  respond: 'The stage shows what visitors interact with. Double-click text to edit it.',
  afterwards: 'The stage shows the thank-you message; its elements are in the outline.',
  return: 'The stage shows the page as visitors see it when the widget stays away.',
};

const stripHeight = '80px';

interface Props {
  rehearsal: Rehearsal | null;
  onRehearse(visitor: Visitor): void;
  onEnd(): void;
}

/** The visitor's way from arriving to coming back: navigation, preview and rule in one. */
export function Journey({ rehearsal, onRehearse, onEnd }: Props) {
  const { station, goTo } = useView();
  const { width } = useView();
  const [opened, setOpened] = useState(false);
  const [own, setVisitor] = useState<Visitor | null>(null);
  const [starts, setStarts] = useState(0);
  const visitor = own ?? { from: '', campaign: '', language: navigator.language, touch: width < 600 };
  const restart = (next: Visitor) => {
    setVisitor(next);
    setStarts(starts + 1);
    onRehearse(next);
  };
  const strip = useRef<HTMLDivElement>(null);
  if (rehearsal) {
    return (
      <Flex as="section" aria-label="Rehearsal" direction="column" bg="sheet" borderTopWidth="1px" h="216px">
        <RehearsalPanel
          key={starts}
          rehearsal={rehearsal}
          visitor={visitor}
          onRestart={restart}
          onEnd={onEnd}
        />
      </Flex>
    );
  }
  return (
    <Box as="section" aria-label="Journey" position="relative" h={stripHeight} flex="none">
      <Flex
        ref={strip}
        direction="column"
        position="absolute"
        insetInline="0"
        bottom="0"
        minH="full"
        maxH="50vh"
        bg="sheet"
        borderTopWidth="1px"
        overflow="auto"
        // Opened, it lies over the panels, and over the lines between them that are drawn with.
        zIndex="2"
        // A sentence that needs more than its line opens the strip upward over the stage, while it is used.
        boxShadow={opened ? '0 -8px 24px #0002' : undefined}
        onFocus={() => setOpened(true)}
        onBlur={(event) => setOpened(event.currentTarget.contains(event.relatedTarget))}
        onPointerEnter={() => setOpened(true)}
        onPointerLeave={() => setOpened(strip.current?.contains(document.activeElement) ?? false)}
      >
        <Flex align="center" px="3" h="34px" flex="none" gap="3">
          <Flex role="group" aria-label="Stations" align="center" flex="1">
            {stations.map((name, at) => (
              <Flex key={name} align="center" flex={at < stations.length - 1 ? '1' : undefined}>
                <Button
                  size="sm"
                  variant="plain"
                  px="1"
                  gap="2"
                  h="30px"
                  title={hints[name]}
                  fontWeight={name === station ? '600' : '400'}
                  color={name === station ? 'ink' : 'slate'}
                  aria-pressed={name === station}
                  onClick={() => goTo(name)}
                >
                  <svg
                    width="12"
                    height="12"
                    viewBox="0 0 12 12"
                    aria-hidden
                    style={{ width: 12, height: 12 }}
                  >
                    <circle
                      cx="6"
                      cy="6"
                      r="4.5"
                      fill={name === station ? '#C2401C' : 'none'}
                      stroke="currentColor"
                    />
                  </svg>
                  {stationNames[name]}
                </Button>
                {at < stations.length - 1 && <Box flex="1" h="1px" bg="line" mx="2" />}
              </Flex>
            ))}
          </Flex>
          <TryLive />
          <Button size="xs" variant="outline" colorPalette="plain" onClick={() => onRehearse(visitor)}>
            <Play size={13} aria-hidden />
            Rehearse a visit
          </Button>
        </Flex>
        <Flex justify="space-between" gap="4" align="start" px="4" pb="1" minH="40px">
          <Box flex="1" minW="0" pt="1.5" truncate={!opened}>
            <Sentence station={station} />
          </Box>
          {(station === 'respond' || station === 'afterwards') && <SceneBar />}
        </Flex>
      </Flex>
    </Box>
  );
}
