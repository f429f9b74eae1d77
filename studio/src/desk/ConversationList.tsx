import { Box, Button, Flex, Text } from '@chakra-ui/react';
import type { ListedConversation } from '../shared/api/index.ts';
import { ago } from '../shared/format.ts';
import type { Member } from '../shared/AssigneeSelect.tsx';
import { StateDot } from './StateDot.tsx';
import { visitorName } from './visitor-name.ts';

interface Props {
  conversations: readonly ListedConversation[];
  members: readonly Member[];
  openId: string | undefined;
  onOpen(id: string): void;
}

/** The conversations of a site, what was said last in each. */
export function ConversationList({ conversations, members, openId, onOpen }: Props) {
  return (
    <Box as="ul" listStyleType="none" aria-label="Conversations">
      {conversations.map((one) => (
        <Box as="li" key={one.id} borderBottomWidth="1px">
          <Button
            variant="plain"
            w="full"
            h="auto"
            px="3"
            py="2.5"
            rounded="0"
            display="block"
            textAlign="start"
            whiteSpace="normal"
            bg={one.id === openId ? 'wash' : undefined}
            boxShadow={one.id === openId ? 'inset 3px 0 0 {colors.deep}' : undefined}
            aria-current={one.id === openId ? 'true' : undefined}
            onClick={() => onOpen(one.id)}
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
              {one.assignee ? ` · ${members.find(({ id }) => id === one.assignee)?.name ?? 'somebody'}` : ''}
            </Text>
          </Button>
        </Box>
      ))}
    </Box>
  );
}
