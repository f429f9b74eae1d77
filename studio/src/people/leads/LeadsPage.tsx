import { Button, Flex, Text } from '@chakra-ui/react';
import { DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { Settings2 } from 'lucide-react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useSite } from '../../app/session.ts';
import { at, type Board, patch, type Site, useAnswer } from '../../shared/api/index.ts';
import { inBackground } from '../../shared/background.ts';
import { EmptyNote } from '../../shared/EmptyNote.tsx';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { count } from '../../shared/format.ts';
import { useAttempt } from '../../shared/use-attempt.ts';
import { Waiting } from '../../shared/Waiting.tsx';
import { PeopleTabs } from '../PeopleTabs.tsx';
import { LeadSheet } from './LeadSheet.tsx';
import { StageColumn } from './StageColumn.tsx';
import { StagesSheet } from './StagesSheet.tsx';

/** The board: a column for each stage, with the leads in it. */
export function LeadsPage() {
  const { site } = useSite();
  return <PeopleTabs>{site && <Leads key={site.id} site={site} />}</PeopleTabs>;
}

/** The board with a lead in another stage, before the server has said so. */
const movedIn = (board: Board, id: string, stage: string): Board => ({
  ...board,
  leads: board.leads.map((lead) => (lead.id === id ? { ...lead, stage } : lead)),
});

function Leads({ site }: { site: Site }) {
  const { data, error, mutate } = useAnswer(at('/api/sites/{site}/leads', { site: site.id }), {
    refreshInterval: 5000,
  });
  const [search, setSearch] = useSearchParams();
  const [editsStages, setEditsStages] = useState(false);
  const { error: refused, attempt } = useAttempt();
  // A press is no drag: it opens the lead.
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 6 } }));
  if (error && !data) return <ErrorNote error={error} retry={() => inBackground(mutate())} />;
  if (!data) return <Waiting what="Loading the leads" />;
  const open = data.leads.find(({ id }) => id === search.get('lead'));
  const changed = () => inBackground(mutate());
  const move = (id: string, stage: string) => {
    inBackground(
      mutate(movedIn(data, id, stage), { revalidate: false }).then(() => {
        // In its new column it is another card: whoever moved it by keys goes on there.
        requestAnimationFrame(() => document.querySelector<HTMLElement>(`[data-lead="${id}"]`)?.focus());
      }),
    );
    inBackground(
      attempt(() => patch(at('/api/sites/{site}/leads/{lead}', { site: site.id, lead: id }), { stage })).then(
        changed,
      ),
    );
  };
  const drop = ({ active, over }: DragEndEvent) => {
    const lead = data.leads.find(({ id }) => id === active.id);
    if (lead && over && over.id !== lead.stage) move(lead.id, String(over.id));
  };
  return (
    <>
      <Flex justify="space-between" align="center" mb="4" gap="4">
        <Text color="slate">
          {count(data.leads.length)} {data.leads.length === 1 ? 'lead' : 'leads'}. Drag one to another stage,
          or press Alt and an arrow key on it.
        </Text>
        <Button size="sm" variant="outline" colorPalette="plain" onClick={() => setEditsStages(true)}>
          <Settings2 size={15} aria-hidden />
          Stages
        </Button>
      </Flex>
      {refused !== null && <ErrorNote error={refused} />}
      <DndContext
        sensors={sensors}
        onDragEnd={drop}
        accessibility={{
          screenReaderInstructions: {
            draggable: 'Press Alt and an arrow key to move the lead to another stage.',
          },
        }}
      >
        <Flex gap="3" overflowX="auto" align="stretch" pb="3">
          {data.stages.map((stage, position) => (
            <StageColumn
              key={stage.id}
              stage={stage}
              leads={data.leads.filter((lead) => lead.stage === stage.id)}
              members={data.members}
              onOpen={(id) => setSearch({ lead: id }, { replace: true })}
              onStep={(id, by) => {
                const to = data.stages[position + by];
                if (to) move(id, to.id);
              }}
            />
          ))}
        </Flex>
      </DndContext>
      {data.leads.length === 0 && (
        <EmptyNote title="No leads yet">
          Give a form the action “Lead” under Afterwards, or add a lead to a person.
        </EmptyNote>
      )}
      {open && (
        <LeadSheet
          key={open.id}
          site={site}
          lead={open}
          board={data}
          onChange={changed}
          onClose={() => setSearch({}, { replace: true })}
        />
      )}
      {editsStages && (
        <StagesSheet site={site} board={data} onChange={changed} onClose={() => setEditsStages(false)} />
      )}
    </>
  );
}
