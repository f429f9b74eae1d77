import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { stations, type Station } from '@sirene/core/sentence';
import { Play } from 'lucide-react';
import { useEditor } from '../state/editor.tsx';
import type { Rehearsal } from './rehearsal.ts';
import { RehearsalPanel } from './RehearsalPanel.tsx';
import { SceneBar } from './SceneBar.tsx';
import { StageState } from './StageState.tsx';
import { stationNames } from './station-names.ts';
import { Sentence } from './Sentence.tsx';

const hints: Record<Station, string> = {
  arrive: 'The stage shows the page as the visitor finds it, before the widget.',
  appear: 'The stage shows it coming in.',
  respond: 'The stage shows what the visitor acts on. Double-click a text to change it.',
  afterwards: 'The stage shows the thanks; its elements are in the outline.',
  return: 'The stage shows the page without the widget, as those find it who are spared.',
};

interface Props {
  rehearsal: Rehearsal | null;
  onRehearse(): void;
  onEnd(): void;
}

/** The visitor's way from arriving to coming back: navigation, preview and rule in one. */
export function Journey({ rehearsal, onRehearse, onEnd }: Props) {
  const { station, goTo } = useEditor();
  if (rehearsal) {
    return (
      <Flex as="section" aria-label="Rehearsal" direction="column" bg="sheet" borderTopWidth="1px" h="164px">
        <RehearsalPanel rehearsal={rehearsal} onEnd={onEnd} />
      </Flex>
    );
  }
  return (
    <Flex as="section" aria-label="Journey" direction="column" bg="sheet" borderTopWidth="1px" h="164px">
      <Flex align="center" px="4" h="44px" flex="none" borderBottomWidth="1px" gap="3">
        <Flex role="group" aria-label="Stations" align="center" flex="1">
          {stations.map((name, at) => (
            <Flex key={name} align="center" flex={at < stations.length - 1 ? '1' : undefined}>
              <Button
                size="sm"
                variant="plain"
                px="1"
                gap="2"
                fontWeight={name === station ? '600' : '400'}
                color={name === station ? 'ink' : 'slate'}
                aria-pressed={name === station}
                onClick={() => goTo(name)}
              >
                <svg width="12" height="12" viewBox="0 0 12 12" aria-hidden style={{ width: 12, height: 12 }}>
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
        <Button size="xs" variant="outline" colorPalette="plain" onClick={onRehearse}>
          <Play size={13} aria-hidden />
          Rehearse a visit
        </Button>
      </Flex>
      <Box px="5" py="3" overflow="auto">
        <Flex justify="space-between" gap="6" align="start">
          <Sentence station={station} />
          {(station === 'respond' || station === 'afterwards') && <SceneBar />}
        </Flex>
        <Flex justify="space-between" gap="6" align="center" mt="1.5">
          <Text color="slate" fontSize="13px">
            {hints[station]}
          </Text>
          {station === 'respond' && <StageState />}
        </Flex>
      </Box>
    </Flex>
  );
}
