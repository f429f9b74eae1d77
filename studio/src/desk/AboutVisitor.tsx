import { Button, DataList, Flex, Link, Stack, Text } from '@chakra-ui/react';
import { Link as RouterLink } from 'react-router';
import { ago, dateTime, pathOf } from '../shared/format.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { at, patch, post, useAnswer, type ListedConversation, type Site } from '../shared/api/index.ts';
import { TagField } from '../shared/TagField.tsx';
import type { OpenConversation } from './use-conversation.ts';
import type { VisitorSigns } from './use-desk-line.ts';

const presence = (signs: VisitorSigns | null): string =>
  signs === null ? '' : signs.isHere ? 'On the page now' : 'Not on the page';

interface Props {
  site: Site;
  about: NonNullable<OpenConversation['about']>;
  signs: VisitorSigns | null;
  onOpen(conversation: ListedConversation): void;
  onChange(): Promise<void>;
}

/** What is known of whoever writes, and where they are. */
export function AboutVisitor({ site, about, signs, onOpen, onChange }: Props) {
  const { data: earlier = [] } = useAnswer(
    at('/api/sites/{site}/conversations/{conversation}/earlier', { site: site.id, conversation: about.id }),
  );
  const { error, busy, attempt } = useAttempt();
  const makeLead = () =>
    attempt(async () => {
      await post(
        at('/api/sites/{site}/conversations/{conversation}/lead', { site: site.id, conversation: about.id }),
      );
      await onChange();
    });
  const setTags = (tags: string[]) =>
    attempt(async () => {
      await patch(
        at('/api/sites/{site}/conversations/{conversation}', { site: site.id, conversation: about.id }),
        { tags },
      );
      await onChange();
    });
  const page: [string, React.ReactNode] = [
    'Page',
    <Link key="page" color="deep" href={about.page} target="_blank" rel="noreferrer" overflowWrap="anywhere">
      {about.pageTitle || pathOf(about.page)}
    </Link>,
  ];
  const rows: [string, React.ReactNode][] = [
    ['Name', about.name || '–'],
    ['E-mail', about.email || '–'],
    ...(about.page === '' ? [] : [page]),
    ...(about.identity === null ? [] : [['Member', about.identity] as [string, React.ReactNode]]),
    ...about.answers.map(({ label, value }): [string, React.ReactNode] => [label, value]),
    ['Chat', about.widget.name],
    ['Started', dateTime(about.startedAt)],
    ...(about.rating === null
      ? []
      : [
          ['Rating', `${about.rating} of 5${about.ratingText ? `: ${about.ratingText}` : ''}`] as [
            string,
            React.ReactNode,
          ],
        ]),
  ];
  return (
    <Stack gap="4" p="4">
      <Text color={signs?.isHere ? 'kelp' : 'slate'} fontSize="13px">
        {about.channel === 'messenger' ? 'Writes by messenger' : presence(signs)}
      </Text>
      <DataList.Root size="sm" orientation="vertical" gap="3">
        {rows.map(([label, value]) => (
          <DataList.Item key={label}>
            <DataList.ItemLabel>{label}</DataList.ItemLabel>
            <DataList.ItemValue>{value}</DataList.ItemValue>
          </DataList.Item>
        ))}
      </DataList.Root>
      {about.journey.length > 0 && (
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
            {about.journey.map(({ page: seen, title, at: time }) => (
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
      <TagField tags={about.tags} most={20} onChange={(tags) => inBackground(setTags(tags))} />
      {earlier.length > 0 && (
        <Stack gap="1">
          <Text color="slate" fontSize="13px">
            Earlier conversations
          </Text>
          {earlier.map((one) => (
            <Button
              key={one.id}
              variant="plain"
              size="xs"
              px="0"
              h="auto"
              justifyContent="start"
              whiteSpace="normal"
              textAlign="start"
              color="deep"
              onClick={() => onOpen(one)}
            >
              {dateTime(one.startedAt)}: {one.last.text}
            </Button>
          ))}
        </Stack>
      )}
      {error !== null && <ErrorNote error={error} />}
      {about.lead !== null ? (
        <Link asChild color="deep">
          <RouterLink to="/people/leads">On the leads board</RouterLink>
        </Link>
      ) : (
        about.person && (
          <Button
            size="xs"
            variant="outline"
            colorPalette="plain"
            alignSelf="start"
            loading={busy}
            onClick={() => inBackground(makeLead())}
          >
            Make a lead
          </Button>
        )
      )}
      {about.person && (
        <Link asChild color="deep">
          <RouterLink to={`/people/persons?person=${about.person}`}>All about this person</RouterLink>
        </Link>
      )}
    </Stack>
  );
}
