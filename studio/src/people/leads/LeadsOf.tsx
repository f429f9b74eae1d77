import { Button, Flex, Text } from '@chakra-ui/react';
import { Plus } from 'lucide-react';
import { Link as RouterLink } from 'react-router';
import { at, type Person, post, type Site, useAnswer } from '../../shared/api/index.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { NamePopover } from '../../shared/NamePopover.tsx';
import { useAttempt } from '../../shared/use-attempt.ts';
import { worth } from '../../shared/worth.ts';

/** The leads of a person, and a way to make another. */
export function LeadsOf({ site, person, onChange }: { site: Site; person: Person; onChange(): void }) {
  const path = at('/api/sites/{site}/leads', { site: site.id });
  const { data } = useAnswer(path);
  const { error, attempt } = useAttempt();
  const first = data?.stages[0];
  const create = (title: string) =>
    attempt(async () => {
      if (!first) return;
      await post(path, { person: person.id, stage: first.id, title });
      onChange();
    });
  return (
    <>
      {person.leads.map((lead) => (
        <Flex key={lead.id} justify="space-between" gap="3">
          <RouterLink to={`/people/leads?lead=${lead.id}`}>
            <Text as="span" color="deep" textDecoration="underline">
              {lead.title}
            </Text>
          </RouterLink>
          <Text color="slate" whiteSpace="nowrap">
            {data?.stages.find(({ id }) => id === lead.stage)?.name}
            {lead.units !== null && ` · ${worth(lead.units, lead.currency)}`}
          </Text>
        </Flex>
      ))}
      <NamePopover
        trigger={
          <Button size="xs" variant="outline" colorPalette="plain" alignSelf="start" disabled={!first}>
            <Plus size={13} aria-hidden />
            Add lead
          </Button>
        }
        title="Add lead"
        help={`It begins in the stage “${first?.name ?? ''}”.`}
        label="What it is about"
        placeholder="Evening for 40 guests"
        action="Add lead"
        placement="left-start"
        onName={create}
      >
        {error !== null && <ErrorNote error={error} />}
      </NamePopover>
    </>
  );
}
