import { DataList, Link, Stack } from '@chakra-ui/react';
import { Link as RouterLink } from 'react-router';
import { dateTime, pathOf } from '../shared/format.ts';
import type { OpenConversation } from './use-conversation.ts';

/** What is known of whoever writes, and where they are. */
export function AboutVisitor({ about }: { about: NonNullable<OpenConversation['about']> }) {
  const rows: [string, React.ReactNode][] = [
    ['Name', about.name || '–'],
    ['E-mail', about.email || '–'],
    [
      'Page',
      <Link
        key="page"
        color="deep"
        href={about.page}
        target="_blank"
        rel="noreferrer"
        overflowWrap="anywhere"
      >
        {about.pageTitle || pathOf(about.page)}
      </Link>,
    ],
    ['Chat', about.widget.name],
    ['Started', dateTime(about.startedAt)],
  ];
  return (
    <Stack gap="4" p="4">
      <DataList.Root size="sm" orientation="vertical" gap="3">
        {rows.map(([label, value]) => (
          <DataList.Item key={label}>
            <DataList.ItemLabel>{label}</DataList.ItemLabel>
            <DataList.ItemValue>{value}</DataList.ItemValue>
          </DataList.Item>
        ))}
      </DataList.Root>
      {about.person && (
        <Link asChild color="deep">
          <RouterLink to={`/people/persons?person=${about.person}`}>All about this person</RouterLink>
        </Link>
      )}
    </Stack>
  );
}
