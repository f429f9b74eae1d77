import { Button, Link, Stack, Text } from '@chakra-ui/react';
import { memo, useCallback, useMemo } from 'react';
import { Link as RouterLink } from 'react-router';
import { dateTime } from '../shared/format.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { at, patch, post, useAnswer, type ListedConversation, type Site } from '../shared/api/index.ts';
import { TagField } from '../shared/TagField.tsx';
import type { ReadConversation } from './use-conversation.ts';
import { VisitorFacts } from './VisitorFacts.tsx';

const presence = (isHere: boolean | undefined): string =>
  isHere === undefined ? '' : isHere ? 'On the page now' : 'Not on the page';

interface Props {
  site: Site;
  about: ReadConversation;
  /** Whether they are on the page now; not known yet where it is left out. */
  isHere: boolean | undefined;
  onOpen(conversation: ListedConversation): void;
  onChange(): Promise<void>;
}

/** What is known of whoever writes, and where they are. */
export const AboutVisitor = memo(function AboutVisitor({ site, about, isHere, onOpen, onChange }: Props) {
  const path = useMemo(() => ({ site: site.id, conversation: about.id }), [site.id, about.id]);
  const { data: earlier = [] } = useAnswer(
    at('/api/sites/{site}/conversations/{conversation}/earlier', path),
  );
  const { error, busy, attempt } = useAttempt();
  const makeLead = () =>
    attempt(async () => {
      await post(at('/api/sites/{site}/conversations/{conversation}/lead', path));
      await onChange();
    });
  const setTags = useCallback(
    (tags: string[]) =>
      inBackground(
        attempt(async () => {
          await patch(at('/api/sites/{site}/conversations/{conversation}', path), { tags });
          await onChange();
        }),
      ),
    [path, attempt, onChange],
  );
  return (
    <Stack gap="4" p="4">
      <Text color={isHere ? 'kelp' : 'slate'} fontSize="13px">
        {about.channel === 'messenger' ? 'Writes by messenger' : presence(isHere)}
      </Text>
      <VisitorFacts about={about} />
      <TagField tags={about.tags} most={20} onChange={setTags} />
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
});
