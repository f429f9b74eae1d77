import { Box, Button, Flex, IconButton, Stack, Text } from '@chakra-ui/react';
import {
  Coins,
  Inbox,
  MessagesSquare,
  ListChecks,
  Mail,
  Merge,
  NotebookPen,
  ReceiptText,
  Target,
  Trash2,
  type LucideIcon,
} from 'lucide-react';
import { Link as RouterLink } from 'react-router';
import { at, type Person, remove, type Site } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { dateTime } from '../shared/format.ts';
import { worth } from '../shared/worth.ts';

type Entry = Person['timeline'][number];

const icons: Readonly<Record<Entry['kind'], LucideIcon>> = {
  submission: Inbox,
  conversation: MessagesSquare,
  mail: Mail,
  list: ListChecks,
  lead: Target,
  payment: Coins,
  invoice: ReceiptText,
  merge: Merge,
  note: NotebookPen,
};

const onList = {
  asked: 'Signed up for',
  confirmed: 'Confirmed',
  unsubscribed: 'Unsubscribed from',
  imported: 'Imported into',
} as const;

const payments = {
  open: 'Asked to pay',
  paid: 'Paid',
  failed: 'Could not pay',
  left: 'Left without paying',
  refunded: 'Got back',
} as const;

function Said({ entry }: { entry: Entry }) {
  switch (entry.kind) {
    case 'submission':
      return (
        <>
          Sent{' '}
          <RouterLink to={`/people?submission=${entry.id}`}>
            <Text as="span" color="deep" textDecoration="underline">
              {entry.text}
            </Text>
          </RouterLink>
        </>
      );
    case 'conversation':
      return (
        <>
          Wrote to{' '}
          <RouterLink to={`/desk?conversation=${entry.id}`}>
            <Text as="span" color="deep" textDecoration="underline">
              {entry.text}
            </Text>
          </RouterLink>
        </>
      );
    case 'mail':
      return (
        <>
          {entry.text}
          {entry.state !== 'sent' && (entry.state === 'failed' ? ' – failed' : ' – waiting')}
        </>
      );
    case 'list':
      return (
        <>
          {onList[entry.event]} “{entry.text}”
        </>
      );
    case 'lead':
      return (
        <>
          Lead “{entry.text}”: {entry.stage}
        </>
      );
    case 'payment':
      return (
        <>
          {payments[entry.state]} {worth(entry.units, entry.currency)}: {entry.text}
        </>
      );
    case 'invoice':
      return (
        <>
          Invoice {entry.text} {entry.what}
        </>
      );
    case 'merge':
      return <>Merged with {entry.text}</>;
    case 'note':
      return (
        <Text as="span" whiteSpace="pre-wrap" overflowWrap="anywhere">
          {entry.text}
        </Text>
      );
  }
}

/** What a person did and was sent, and what was written down about them; the last first. */
export function Timeline({ site, person, onChange }: { site: Site; person: Person; onChange(): void }) {
  const drop = async (note: string) => {
    await remove(
      at('/api/sites/{site}/persons/{person}/notes/{note}', { site: site.id, person: person.id, note }),
    );
    onChange();
  };
  const part = async (merge: string) => {
    await remove(
      at('/api/sites/{site}/persons/{person}/merges/{merge}', { site: site.id, person: person.id, merge }),
    );
    onChange();
  };
  return (
    <Stack as="ol" gap="0" listStyleType="none" aria-label="Timeline">
      {person.timeline.map((entry) => {
        const Icon = icons[entry.kind];
        return (
          <Flex as="li" key={`${entry.kind} ${entry.id}`} gap="3" py="1.5" align="start">
            <Box color="slate" pt="1" flex="none">
              <Icon size={15} aria-hidden />
            </Box>
            <Box flex="1" minW="0">
              <Text>
                <Said entry={entry} />
              </Text>
              <Text color="slate" fontSize="13px">
                {dateTime(entry.at)}
                {entry.kind === 'note' && entry.by && ` · ${entry.by}`}
              </Text>
            </Box>
            {entry.kind === 'merge' && entry.isLast && (
              <Button
                size="2xs"
                variant="outline"
                colorPalette="plain"
                onClick={() => inBackground(part(entry.id))}
              >
                Undo
              </Button>
            )}
            {entry.kind === 'note' && (
              <IconButton
                size="2xs"
                variant="ghost"
                colorPalette="plain"
                aria-label={`Remove note: ${entry.text.slice(0, 40)}`}
                onClick={() => inBackground(drop(entry.id))}
              >
                <Trash2 size={13} aria-hidden />
              </IconButton>
            )}
          </Flex>
        );
      })}
    </Stack>
  );
}
