import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { useVirtualizer } from '@tanstack/react-virtual';
import { memo, useEffect, useEffectEvent, useRef } from 'react';
import type { DeskGroup, ListedConversation } from '../shared/api/index.ts';
import { ago } from '../shared/format.ts';
import type { Member } from '../shared/AssigneeSelect.tsx';
import { StateDot } from './StateDot.tsx';
import { visitorName } from './visitor-name.ts';

const rowHeight = 79;

interface Props {
  conversations: readonly ListedConversation[];
  groups: readonly DeskGroup[];
  members: readonly Member[];
  openId: string | undefined;
  onOpen(id: string): void;
}

/** The conversations of a site, what was said last in each. Only those in sight are drawn: there are thousands. */
export const ConversationList = memo(function ConversationList(props: Props) {
  const { conversations, groups, members, openId, onOpen } = props;
  const scroller = useRef<HTMLDivElement>(null);

  const rows = useVirtualizer({
    count: conversations.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => rowHeight,
    getItemKey: (index) => conversations[index]?.id ?? index,
    overscan: 6,
    useFlushSync: false,
  });
  // Whenever another is opened, and not when a message moves them: what one looks at stays in sight of its own accord.
  const scrollTo = useEffectEvent((id: string) => {
    const at = conversations.findIndex((one) => one.id === id);
    const { startIndex = 0, endIndex = 0 } = rows.range ?? {};
    // What is wholly in sight asks for no layout.
    if (at >= 0 && (at <= startIndex || at >= endIndex)) rows.scrollToIndex(at, { align: 'auto' });
  });
  useEffect(() => {
    if (openId !== undefined) scrollTo(openId);
  }, [openId]);
  return (
    <Box ref={scroller} flex="1" minH="0" overflow="auto">
      <Box
        as="ul"
        listStyleType="none"
        aria-label="Conversations"
        position="relative"
        style={{ height: rows.getTotalSize() }}
        // Of each row no more than where it is: what is styled one by one is worked out anew with every scroll.
        css={{
          '& > li': {
            position: 'absolute',
            insetX: 0,
            h: `${rowHeight}px`,
            overflow: 'hidden',
            borderBottomWidth: '1px',
          },
        }}
        // One for all of them, so that a row that is the same is not drawn again (bench/desk).
        onClick={({ target }: React.MouseEvent) => {
          const row = (target as Element).closest<HTMLElement>('[data-conversation]');
          if (row?.dataset['conversation'] !== undefined) onOpen(row.dataset['conversation']);
        }}
      >
        {rows.getVirtualItems().map(({ index, key, start }) => {
          const one = conversations[index];
          return (
            one && (
              <li
                key={key}
                style={{ top: start }}
                aria-setsize={conversations.length}
                aria-posinset={index + 1}
              >
                <Row {...{ one, groups, members }} isOpen={one.id === openId} />
              </li>
            )
          );
        })}
      </Box>
    </Box>
  );
});

interface RowProps {
  one: ListedConversation;
  groups: readonly DeskGroup[];
  members: readonly Member[];
  isOpen: boolean;
}

const Row = memo(function Row({ one, groups, members, isOpen }: RowProps) {
  return (
    <Button
      variant="plain"
      w="full"
      h="full"
      px="3"
      py="2.5"
      rounded="0"
      display="block"
      textAlign="start"
      whiteSpace="normal"
      bg={isOpen ? 'wash' : undefined}
      boxShadow={isOpen ? 'inset 3px 0 0 {colors.deep}' : undefined}
      aria-current={isOpen ? 'true' : undefined}
      data-conversation={one.id}
    >
      <Flex align="center" gap="2">
        <StateDot state={one.state} />
        <Text flex="1" truncate fontWeight={one.state === 'waiting' ? '700' : '600'}>
          {visitorName(one)}
        </Text>
        <Text color="slate" fontSize="12px" fontWeight="400">
          {ago(one.last.at)}
        </Text>
      </Flex>
      <Text truncate color="slate" fontSize="13px" fontWeight="400">
        {one.last.from === 'desk' ? 'Desk: ' : ''}
        {one.last.text}
      </Text>
      <Text truncate color="slate" fontSize="12px" fontWeight="400">
        {one.widget.name}
        {one.channel === 'messenger' ? ' · Messenger' : ''}
        {one.tags.map((tag) => ` · #${tag}`).join('')}
        {one.group ? ` · ${groups.find(({ id }) => id === one.group)?.name ?? 'a group'}` : ''}
        {one.assignee ? ` · ${members.find(({ id }) => id === one.assignee)?.name ?? 'somebody'}` : ''}
        {one.rating !== null ? ` · ${one.rating} of 5` : ''}
      </Text>
    </Button>
  );
});
