import { Button, Flex, Heading } from '@chakra-ui/react';
import { memo } from 'react';
import type { DeskGroup, ListedConversation, Site } from '../shared/api/index.ts';
import { AssigneeSelect, type Member } from '../shared/AssigneeSelect.tsx';
import { useStable } from '../shared/use-stable.ts';
import { SnoozeMenu } from './SnoozeMenu.tsx';
import { StateDot } from './StateDot.tsx';
import { TranscriptMenu } from './TranscriptMenu.tsx';
import { visitorName } from './visitor-name.ts';

/** What can be changed of a conversation by hand. */
export interface Changes {
  assignee?: string | null;
  group?: string | null;
  state?: 'open' | 'closed';
  snoozedUntil?: number | null;
}

interface Props {
  site: Site;
  members: readonly Member[];
  groups: readonly DeskGroup[];
  about: ListedConversation;
  onChange(changes: Changes): void;
}

/** Whose conversation it is, and what becomes of it. */
export const ConversationHead = memo(function ConversationHead(props: Props) {
  const { site, members, groups, about, onChange } = props;
  // Of another conversation it is the same menu.
  const snooze = useStable((snoozedUntil: number) => onChange({ snoozedUntil }));
  const isClosed = about.state === 'closed';
  return (
    <Flex align="center" gap="2" px="4" py="2.5" borderBottomWidth="1px" wrap="wrap">
      <StateDot state={about.state} />
      <Heading as="h2" flex="1" minW="120px" truncate fontSize="15px" fontWeight="600">
        {visitorName(about)}
      </Heading>
      <AssigneeSelect
        members={members}
        value={about.assignee}
        groups={groups}
        group={about.group}
        onGroup={(group) => onChange({ group })}
        // Nobody is no group either.
        onChange={(assignee) => onChange({ assignee, ...(assignee === null && { group: null }) })}
      />
      {!isClosed &&
        (about.snoozedUntil !== null ? (
          <Button
            size="xs"
            variant="outline"
            colorPalette="plain"
            onClick={() => onChange({ snoozedUntil: null })}
          >
            End snooze
          </Button>
        ) : (
          <SnoozeMenu onSnooze={snooze} />
        ))}
      <Button
        size="xs"
        variant="outline"
        colorPalette="plain"
        onClick={() => onChange({ state: isClosed ? 'open' : 'closed' })}
      >
        {isClosed ? 'Reopen' : 'End conversation'}
      </Button>
      <TranscriptMenu site={site.id} conversation={about.id} />
    </Flex>
  );
});
