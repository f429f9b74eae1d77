import { Box, Button, Flex, Grid, Progress, Stack, Text } from '@chakra-ui/react';
import { dayMs } from '@sirene/core/base/time';
import { zoneTable } from '@sirene/core/base/zones';
import type { PlanInput } from '@sirene/core/rehearse/plan';
import {
  likelyWays,
  usualTraffic,
  type TrafficInput,
  type TrafficModel,
  type WayTable,
} from '@sirene/core/rehearse/traffic';
import { Play, Square } from 'lucide-react';
import { useMemo, useState } from 'react';
import type { PlannedWidget, Site } from '../../shared/api/index.ts';
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

/** What is played: from the midnight before now on, by the clocks of the site; `null` where there is nothing to play on. */
function trafficOf(
  { pages, widgets, policy }: PlanInput & { widgets: readonly PlannedWidget[] },
  model: TrafficModel,
  ways: WayTable | null,
  siteZone: string,
  now: number,
): (TrafficInput & { widgets: readonly PlannedWidget[] }) | null {
  if (pages.length === 0 || widgets.length === 0) return null;
  const start = new Date(now).setUTCHours(0, 0, 0, 0);
  const zone = zoneTable(siteZone, start - dayMs, start + (model.days + 2) * dayMs);
  return { model, pages, widgets, policy, start, zone, ...(ways && { ways }) };
}

/** Plays thousands of visitors through the site's widgets: who sees what, when, how often they are interrupted, and what never comes. */
export function TrafficView({ site }: { site: Site }) {
  const [withDrafts, setWithDrafts] = useState(true);
  const { input, error, refresh } = usePlanInput(site, withDrafts);
  const [model, setModel] = useState(usualTraffic);
  const [ways, setWays] = useState<WayTable | null>(null);
  const [now] = useState(Date.now);
  const traffic = useMemo(
    () => (input ? trafficOf(input, model, ways, site.zone, now) : null),
    [input, model, ways, site.zone, now],
  );
  const { known, played, play, stop } = useTraffic(traffic);
  if (error) return <ErrorNote error={error} retry={() => inBackground(refresh())} />;
  if (!input) return <Waiting what="Loading the site’s rules" />;
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
          {played !== null ? (
            <Button size="sm" variant="outline" colorPalette="plain" onClick={stop}>
              <Square size={13} aria-hidden />
              Stop
            </Button>
          ) : (
            <Button size="sm" colorPalette="signal" disabled={!traffic} onClick={play}>
              <Play size={13} aria-hidden />
              Play traffic
            </Button>
          )}
          <Toggle label="With drafts" value={withDrafts} onChange={setWithDrafts} />
          <WayEditor table={ways ?? likelyWays(input.pages)} isLikely={!ways} onChange={setWays} />
          <TrafficSliders model={model} onChange={setModel} />
        </Stack>
      </Box>
      <Stack gap="3" minW="0">
        {played !== null && (
          <Flex align="center" gap="3">
            <Progress.Root
              value={played}
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
              {count(played)} / {count(model.visitors)}
            </Text>
          </Flex>
        )}
        {!traffic && <Text color="slate">Traffic needs a page and a widget.</Text>}
        {traffic && !known && played === null && <Text color="slate">No visitor has been played yet.</Text>}
        {traffic && known && (
          <TrafficResults
            result={known.result}
            widgets={known.of.widgets}
            pages={known.of.pages}
            zone={site.zone}
          />
        )}
      </Stack>
    </Grid>
  );
}
