import { Button, DataList } from '@chakra-ui/react';
import { ChartColumn } from 'lucide-react';
import { at, useAnswer, withQuery, type Site } from '../shared/api/index.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { TitledPopover } from '../shared/TitledPopover.tsx';
import { Waiting } from '../shared/Waiting.tsx';
import { spell } from './spell.ts';

/** How the desk did in the last thirty days. */
export function DeskReport({ site }: { site: Site }) {
  return (
    <TitledPopover
      title="Last 30 days"
      width="280px"
      placement="bottom-end"
      unmountOnExit
      trigger={
        <Button size="xs" variant="outline" colorPalette="plain">
          <ChartColumn size={13} aria-hidden />
          Report
        </Button>
      }
    >
      <Figures site={site} />
    </TitledPopover>
  );
}

function Figures({ site }: { site: Site }) {
  const { data, error } = useAnswer(
    withQuery(at('/api/sites/{site}/conversations/report', { site: site.id }), { days: 30 }),
  );
  if (error) return <ErrorNote error={error} />;
  if (!data) return <Waiting what="Loading the report" />;
  const rows: [string, string][] = [
    ['Conversations', String(data.conversations)],
    ['Answered', String(data.answered)],
    ['First answer, median', spell(data.firstAnswer)],
    ['First answer, nine of ten within', spell(data.longWait)],
    ['Length, median', spell(data.length)],
    ['Rating', data.rating === null ? '–' : `${data.rating.toFixed(1)} of 5 (${data.rated})`],
  ];
  return (
    <DataList.Root size="sm" orientation="horizontal" gap="2">
      {rows.map(([label, value]) => (
        <DataList.Item key={label} justifyContent="space-between">
          <DataList.ItemLabel minW="0">{label}</DataList.ItemLabel>
          <DataList.ItemValue flex="none">{value}</DataList.ItemValue>
        </DataList.Item>
      ))}
    </DataList.Root>
  );
}
