import { Box, Flex, Grid, Table, Text } from '@chakra-ui/react';
import { comesByItself, placeOf } from '@sirene/core/behaviour';
import type { PlannedPage } from '@sirene/core/rehearse/plan';
import type { TrafficResult, WidgetResult } from '@sirene/core/rehearse/traffic';
import { useState } from 'react';
import type { PlannedWidget } from '../../shared/api/index.ts';
import { count } from '../../shared/format.ts';
import { StateMark } from '../../shared/StateMark.tsx';
import { Bars } from './Charts.tsx';

interface Props {
  result: TrafficResult;
  widgets: readonly PlannedWidget[];
  pages: readonly PlannedPage[];
  /** By whose clocks the hours are. */
  zone: string;
}

const percent = (share: number): string => `${(share * 100).toFixed(share > 0 && share < 0.1 ? 1 : 0)} %`;

const lostNames: Readonly<Record<keyof WidgetResult['lost'], string>> = {
  targeting: 'pages or visitors do not match',
  schedule: 'outside its schedule',
  pause: 'frequency or pause',
  triggers: 'no trigger fired in time',
  marker: 'the page has no marker',
  widget: 'another widget was there',
  gap: 'quiet gap',
  perPage: 'limit per page',
  perVisit: 'limit per visit',
  dropped: 'had to wait, and none may',
};

/** What the played visitors met, as figures, charts and a table. */
export function TrafficResults({ result, widgets, pages, zone }: Props) {
  const [chosen, setChosen] = useState<string | null>(null);
  const { visits, pageViews, visitors, interruptions } = result;
  const interrupted = visits === 0 ? 0 : 1 - (interruptions[0] ?? 0) / visits;
  const times = interruptions.reduce((sum, many, at) => sum + many * at, 0);
  const one = result.widgets.find(({ widget }) => widget === chosen);
  const hours = one?.hours ?? summed(result.widgets.map((of) => of.hours));
  const byPage = (one?.pages ?? summed(result.widgets.map((of) => of.pages)))
    .map((shown, at) => [placeOf(pages[at]?.address ?? '').path, shown] as const)
    .filter(([, shown]) => shown > 0)
    .sort((a, b) => b[1] - a[1])
    .slice(0, 8);
  const byItself = (id: string) => widgets.some((widget) => widget.id === id && comesByItself(widget));
  const nameOf = (id: string) => widgets.find((widget) => widget.id === id)?.name ?? 'A widget that is gone';
  return (
    <>
      <Flex gap="8" bg="sheet" borderWidth="1px" rounded="md" px="5" py="3" wrap="wrap">
        <Figure label="Visitors" value={count(visitors)} />
        <Figure label="Visits" value={count(visits)} />
        <Figure label="Page views" value={count(pageViews)} />
        <Figure label="Visits interrupted" value={percent(interrupted)} />
        <Figure label="Interruptions per visit" value={visits === 0 ? '–' : (times / visits).toFixed(2)} />
      </Flex>
      <Box
        bg="sheet"
        borderWidth="1px"
        rounded="md"
        overflow="auto"
        tabIndex={0}
        role="region"
        aria-label="Widgets"
      >
        <Table.Root size="sm">
          <Table.Header>
            <Table.Row>
              <Table.ColumnHeader>Widget</Table.ColumnHeader>
              <Table.ColumnHeader textAlign="end">Reach</Table.ColumnHeader>
              <Table.ColumnHeader textAlign="end">Shown</Table.ColumnHeader>
              <Table.ColumnHeader textAlign="end">Median wait</Table.ColumnHeader>
              <Table.ColumnHeader>Mostly not shown because</Table.ColumnHeader>
            </Table.Row>
          </Table.Header>
          <Table.Body>
            {result.widgets
              .toSorted((a, b) => b.reach - a.reach)
              .map((of) => (
                <Table.Row key={of.widget} bg={of.widget === chosen ? 'wash' : undefined}>
                  <Table.Cell>
                    <Text
                      as="button"
                      fontWeight="600"
                      textAlign="start"
                      aria-pressed={of.widget === chosen}
                      onClick={() => setChosen(of.widget === chosen ? null : of.widget)}
                    >
                      {nameOf(of.widget)}
                    </Text>
                  </Table.Cell>
                  <Table.Cell textAlign="end">{percent(visitors === 0 ? 0 : of.reach / visitors)}</Table.Cell>
                  <Table.Cell textAlign="end">{count(of.shown)}</Table.Cell>
                  <Table.Cell textAlign="end">
                    {of.appears
                      ? `${(of.appears.half / 1000).toFixed(of.appears.half < 10_000 ? 1 : 0)} s`
                      : '–'}
                  </Table.Cell>
                  <Table.Cell>
                    <LostWords of={of} byItself={byItself(of.widget)} />
                  </Table.Cell>
                </Table.Row>
              ))}
          </Table.Body>
        </Table.Root>
      </Box>
      <Grid templateColumns="1fr 1fr 1fr" gap="3">
        <Panel title="Interruptions per visit">
          <Bars
            label="Share of visits by number of interruptions"
            names={interruptions.map((_, at) => (at === interruptions.length - 1 ? `${at}+` : String(at)))}
            values={interruptions.map((many) => (visits === 0 ? 0 : many / visits))}
            format={percent}
          />
        </Panel>
        <Panel title={`Shown by hour (${zone})${one ? `: ${nameOf(one.widget)}` : ''}`}>
          <Bars
            label="Shown by hour"
            names={hours.map((_, at) => String(at))}
            values={hours}
            format={count}
          />
        </Panel>
        <Panel title={`Shown by page${one ? `: ${nameOf(one.widget)}` : ''}`}>
          {byPage.map(([path, shown]) => (
            <Flex key={path} justify="space-between" gap="3" fontSize="13px">
              <Text fontFamily="mono" truncate>
                {path}
              </Text>
              <Text>{count(shown)}</Text>
            </Flex>
          ))}
          {byPage.length === 0 && <Text color="slate">Shown nowhere.</Text>}
        </Panel>
      </Grid>
    </>
  );
}

function Panel({ title, children }: { title: string; children: React.ReactNode }) {
  return (
    <Box as="section" aria-label={title} bg="sheet" borderWidth="1px" rounded="md" p="3" minW="0">
      <Text fontWeight="600" fontSize="13px" mb="2" truncate>
        {title}
      </Text>
      {children}
    </Box>
  );
}

function Figure({ label, value }: { label: string; value: string }) {
  return (
    <Box>
      <Text fontSize="20px" fontWeight="600" fontVariantNumeric="tabular-nums">
        {value}
      </Text>
      <Text fontSize="13px" color="slate">
        {label}
      </Text>
    </Box>
  );
}

/** What most often keeps a widget away besides the pages that are not its own; what nobody sees says all that does. */
function LostWords({ of: { lost, reach }, byItself }: { of: WidgetResult; byItself: boolean }) {
  if (!byItself) return <Text color="slate">Only when a link or the page opens it</Text>;
  const reasons = (Object.entries(lost) as [keyof WidgetResult['lost'], number][]).sort(
    (a, b) => b[1] - a[1],
  );
  const [first] = reach === 0 ? reasons : reasons.filter(([why]) => why !== 'targeting' && why !== 'marker');
  if (!first) return <Text color="slate">–</Text>;
  const words = `${lostNames[first[0]]} (${count(first[1])} page views)`;
  return reach === 0 ? (
    <StateMark tone="bad" wraps>{`Never shown: ${words}`}</StateMark>
  ) : (
    <Text color="slate">{words}</Text>
  );
}

const summed = (lists: readonly number[][]): number[] =>
  lists.reduce<number[]>((sum, list) => list.map((value, at) => value + (sum[at] ?? 0)), []);
