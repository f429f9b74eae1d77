import { Box, Flex, Heading, Stack, Text } from '@chakra-ui/react';
import { useDraggable, useDroppable } from '@dnd-kit/core';
import type { Board, BoardLead, Stage } from '../../shared/api/index.ts';
import { count } from '../../shared/format.ts';
import { isOverdue, shortDay } from './due.ts';
import { worth } from '../../shared/worth.ts';
import { sumsOf } from './sums.ts';
import { whoIs } from '../WhoButton.tsx';

interface Props {
  stage: Stage;
  leads: readonly BoardLead[];
  members: Board['members'];
  onOpen(id: string): void;
  /** A lead is to move so many stages on. */
  onStep(id: string, by: number): void;
}

const tones = { open: 'line', won: 'kelp', lost: 'slate' } as const;

/** A stage of the board: its leads, and what they are worth together. */
export function StageColumn({ stage, leads, members, onOpen, onStep }: Props) {
  const { setNodeRef, isOver } = useDroppable({ id: stage.id });
  return (
    <Flex
      ref={setNodeRef}
      as="section"
      aria-label={stage.name}
      direction="column"
      flex="1 0 230px"
      maxW="340px"
      minH="320px"
      bg={isOver ? 'sheet' : 'wash'}
      borderWidth="1px"
      borderTopWidth="3px"
      borderTopColor={tones[stage.outcome]}
      rounded="md"
    >
      <Box px="3" pt="2.5" pb="2">
        <Flex justify="space-between" align="baseline" gap="2">
          <Heading as="h2" fontSize="14px" fontWeight="600" truncate>
            {stage.name}
          </Heading>
          <Text color="slate" fontSize="13px">
            {count(leads.length)}
          </Text>
        </Flex>
        <Text color="slate" fontSize="13px" minH="20px">
          {sumsOf(leads).join(' + ')}
        </Text>
      </Box>
      <Stack as="ul" gap="2" px="2" pb="2" flex="1" listStyleType="none">
        {leads.map((lead) => (
          <LeadCard
            key={lead.id}
            lead={lead}
            owner={members.find(({ id }) => id === lead.owner)?.name}
            onOpen={() => onOpen(lead.id)}
            onStep={(by) => onStep(lead.id, by)}
          />
        ))}
      </Stack>
    </Flex>
  );
}

function LeadCard({
  lead,
  owner,
  onOpen,
  onStep,
}: {
  lead: BoardLead;
  owner: string | undefined;
  onOpen(): void;
  onStep(by: number): void;
}) {
  const { setNodeRef, listeners, attributes, transform, isDragging } = useDraggable({ id: lead.id });
  const { title, person, units, currency, dueOn } = lead;
  return (
    <li>
      <Box
        ref={setNodeRef}
        as="button"
        {...attributes}
        {...listeners}
        aria-roledescription={undefined}
        data-lead={lead.id}
        w="full"
        textAlign="start"
        bg="sheet"
        borderWidth="1px"
        rounded="sm"
        p="2.5"
        cursor="pointer"
        position="relative"
        zIndex={isDragging ? 1 : undefined}
        boxShadow={isDragging ? 'md' : undefined}
        style={transform ? { translate: `${transform.x}px ${transform.y}px` } : undefined}
        onClick={onOpen}
        onKeyDown={(event: React.KeyboardEvent) => {
          const by = event.altKey ? { ArrowRight: 1, ArrowLeft: -1 }[event.key] : undefined;
          if (by === undefined) return;
          event.preventDefault();
          onStep(by);
        }}
      >
        <Text fontWeight="600" lineHeight="1.35" overflowWrap="anywhere">
          {title}
        </Text>
        <Text color="slate" fontSize="13px" truncate>
          {whoIs(person)}
        </Text>
        {(units !== null || owner || dueOn) && (
          <Flex gap="2" mt="1" fontSize="13px" wrap="wrap">
            {units !== null && <Text fontWeight="600">{worth(units, currency)}</Text>}
            {dueOn && (
              <Text color={isOverdue(lead) ? 'wine' : 'slate'}>
                {isOverdue(lead) ? 'Overdue' : 'Due'} {shortDay(dueOn)}
              </Text>
            )}
            {owner && <Text color="slate">{owner}</Text>}
          </Flex>
        )}
      </Box>
    </li>
  );
}
