import { Box, Flex, Link, Stack, Text } from '@chakra-ui/react';
import { memo } from 'react';
import { ago, dateTime, pathOf } from '../shared/format.ts';
import type { ReadConversation } from './use-conversation.ts';

/** What somebody has said of themselves, and the pages that they have seen. */
export const VisitorFacts = memo(function VisitorFacts({ about }: { about: ReadConversation }) {
  const { journey, page, pageTitle, identity, rating, ratingText } = about;
  const seenAt = page !== '' && (
    <Link color="deep" href={page} target="_blank" rel="noreferrer" overflowWrap="anywhere">
      {pageTitle || pathOf(page)}
    </Link>
  );
  const rows: [string, React.ReactNode][] = [
    ['Name', about.name || '–'],
    ['E-mail', about.email || '–'],
    ['Page', seenAt],
    ['Member', identity],
    ...about.answers.map(({ label, value }): [string, React.ReactNode] => [label, value]),
    ['Chat', about.widget.name],
    ['Started', dateTime(about.startedAt)],
    ['Rating', rating !== null && `${rating} of 5${ratingText ? `: ${ratingText}` : ''}`],
  ];
  return (
    <>
      {/* Styled as one: a dozen rows of which each is would be drawn twice as slowly (bench/desk). */}
      <Box as="dl" fontSize="13px" css={{ '& dt': { color: 'slate' }, '& dd + dt': { mt: '3' } }}>
        {rows
          .filter(([, value]) => value !== null && value !== false)
          .flatMap(([label, value]) => [
            <dt key={label}>{label}</dt>,
            <dd key={`${label} value`}>{value}</dd>,
          ])}
      </Box>
      {journey.length > 0 && (
        <Stack gap="1">
          <Text color="slate" fontSize="13px">
            Pages seen
          </Text>
          <Stack
            as="ol"
            gap="1"
            listStyleType="none"
            aria-label="Pages seen"
            maxH="180px"
            overflow="auto"
            tabIndex={0}
          >
            {journey.map(({ page: seen, title, at: time }) => (
              <Flex as="li" key={time} gap="2" fontSize="13px" justify="space-between">
                <Link color="deep" href={seen} target="_blank" rel="noreferrer" overflowWrap="anywhere">
                  {title || pathOf(seen)}
                </Link>
                <Text color="slate" flex="none">
                  {ago(time)}
                </Text>
              </Flex>
            ))}
          </Stack>
        </Stack>
      )}
    </>
  );
});
