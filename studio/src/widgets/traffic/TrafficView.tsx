import { Box, Button, Flex, Grid, Progress, Stack, Text } from '@chakra-ui/react';
import { dayMs } from '@sirene/core/base/time';
import { zoneTable } from '@sirene/core/base/zones';
import { likelyWays, usualTraffic, type WayTable } from '@sirene/core/rehearse/traffic';
import { Play, Square } from 'lucide-react';
import { useState } from 'react';
import type { Site } from '../../shared/api/index.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { count } from '../../shared/format.ts';
import { Toggle } from '../../shared/Toggle.tsx';
import { Waiting } from '../../shared/Waiting.tsx';
import { inBackground } from '../../shared/background.ts';
import { usePlanInput } from '../plan/plan-input.ts';
import { TrafficResults } from './TrafficResults.tsx';
import { TrafficSliders } from './TrafficSliders.tsx';
import { WayEditor } from './WayEditor.tsx';
import { useTraffic } from './use-traffic.ts';

/** Plays thousands of visitors through the site's widgets: who sees what, when, how often they are interrupted, and what never comes. */
export function TrafficView({ site }: { site: Site }) {
  const [withDrafts, setWithDrafts] = useState(true);
  const { input, error, refresh } = usePlanInput(site, withDrafts);
  const [model, setModel] = useState(usualTraffic);
  const [ways, setWays] = useState<WayTable | null>(null);
  const { result, playing, play, stop } = useTraffic();
  if (error) return <ErrorNote error={error} retry={() => inBackground(refresh())} />;
  if (!input) return <Waiting what="Loading the site’s rules" />;
  const { pages, widgets, policy } = input;
  const isEmpty = pages.length === 0 || widgets.length === 0;
  return (
    <Grid templateColumns="268px minmax(0, 1fr)" gap="4" alignItems="start">
      <Box
        as="section"
        aria-label="Traffic"
        bg="sheet"
        borderWidth="1px"
        rounded="md"
        p="4"
        maxH="calc(100dvh - 150px)"
        overflow="auto"
      >
        <Stack gap="4">
          {playing ? (
            <Button size="sm" variant="outline" colorPalette="plain" onClick={stop}>
              <Square size={13} aria-hidden />
              Stop
            </Button>
          ) : (
            <Button
              size="sm"
              colorPalette="signal"
              disabled={isEmpty}
              onClick={() => {
                const start = new Date().setUTCHours(0, 0, 0, 0);
                const zone = zoneTable(site.zone, start - dayMs, start + (model.days + 2) * dayMs);
                play({ model, pages, widgets, policy, start, zone, ...(ways && { ways }) });
              }}
            >
              <Play size={13} aria-hidden />
              Play traffic
            </Button>
          )}
          <Toggle label="With drafts" value={withDrafts} onChange={setWithDrafts} />
          <WayEditor table={ways ?? likelyWays(pages)} isLikely={!ways} onChange={setWays} />
          <TrafficSliders model={model} onChange={setModel} />
        </Stack>
      </Box>
      <Stack gap="3" minW="0">
        {playing && (
          <Flex align="center" gap="3">
            <Progress.Root
              value={result?.visitors ?? 0}
              max={model.visitors}
              size="xs"
              flex="1"
              aria-label="Visitors played"
            >
              <Progress.Track>
                <Progress.Range />
              </Progress.Track>
            </Progress.Root>
            <Text fontFamily="mono" fontSize="13px">
              {count(result?.visitors ?? 0)} / {count(model.visitors)}
            </Text>
          </Flex>
        )}
        {isEmpty && <Text color="slate">Traffic needs a page and a widget.</Text>}
        {result ? (
          <TrafficResults result={result} widgets={widgets} pages={pages} zone={site.zone} />
        ) : (
          !isEmpty && (
            <Text bg="sheet" borderWidth="1px" rounded="md" p="8" textAlign="center" color="slate">
              Set what the visitors are like, then play them. Nothing is stored, and no real visitor is
              touched.
            </Text>
          )
        )}
      </Stack>
    </Grid>
  );
}
