import { Box, Flex, Text } from '@chakra-ui/react';
import type { PlanRow } from '@sirene/core/rehearse/plan';
import { useState } from 'react';
import type { Site } from '../../shared/api/index.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { count } from '../../shared/format.ts';
import { StateMark } from '../../shared/StateMark.tsx';
import { Toggle } from '../../shared/Toggle.tsx';
import { Waiting } from '../../shared/Waiting.tsx';
import { inBackground } from '../../shared/background.ts';
import { ClashPanel } from './ClashPanel.tsx';
import { Legend } from './marks.tsx';
import { PlanGrid, type Chosen } from './PlanGrid.tsx';
import { usePlanInput } from './plan-input.ts';
import { usePlan } from './use-plan.ts';

/** Pages × widgets: what may appear where, and where widgets get in each other's way. */
export function PagePlan({ site }: { site: Site }) {
  const [withDrafts, setWithDrafts] = useState(true);
  const { input, error, refresh } = usePlanInput(site, withDrafts);
  const { rows, done } = usePlan(input);
  const [chosen, setChosen] = useState<Chosen | null>(null);
  if (error) return <ErrorNote error={error} retry={() => inBackground(refresh())} />;
  if (!input) return <Waiting what="Working out the page plan" />;
  if (input.pages.length === 0 || input.widgets.length === 0)
    return (
      <Text bg="sheet" borderWidth="1px" rounded="md" p="8" textAlign="center" color="slate">
        The plan needs a page and a widget. Pages are known once the script runs on them, or once a copy is
        added in an editor.
      </Text>
    );
  return (
    <>
      <Flex gap="5" align="center" mb="3" wrap="wrap">
        <Toggle label="With drafts" value={withDrafts} onChange={setWithDrafts} />
        <Legend />
        <Box ml="auto" role="status">
          <Summary rows={rows} done={done} pages={input.pages.length} />
        </Box>
      </Flex>
      <Flex gap="4" align="start">
        <PlanGrid
          pages={input.pages}
          widgets={input.widgets}
          rows={rows}
          chosen={chosen}
          onChoose={setChosen}
        />
        <ClashPanel
          input={input}
          row={chosen && rows[chosen.page]}
          chosen={chosen}
          onChanged={() => inBackground(refresh())}
        />
      </Flex>
    </>
  );
}

function Summary({ rows, done, pages }: { rows: readonly PlanRow[]; done: boolean; pages: number }) {
  if (!done) return <Text color="slate">{`${count(rows.length)} of ${count(pages)} pages …`}</Text>;
  const clashes = rows.flatMap((row) => row.clashes);
  const open = new Set(clashes.filter(({ first }) => !first).map(({ one, other }) => `${one} ${other}`)).size;
  const settled = new Set(clashes.filter(({ first }) => first).map(({ one, other }) => `${one} ${other}`))
    .size;
  if (open + settled === 0) return <StateMark tone="good">No clashes</StateMark>;
  return (
    <Flex gap="4">
      {open > 0 && (
        <StateMark tone="bad">{`${open} undecided ${open === 1 ? 'clash' : 'clashes'}`}</StateMark>
      )}
      {settled > 0 && <StateMark tone="waiting">{`${settled} decided by priority`}</StateMark>}
    </Flex>
  );
}
