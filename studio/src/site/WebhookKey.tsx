import { Button, Flex, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { at, post, type Site, useAnswer } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { exactTime } from '../shared/format.ts';
import { Panel } from '../shared/Panel.tsx';
import { Snippet } from '../shared/Snippet.tsx';
import { useAttempt } from '../shared/use-attempt.ts';

/** What the site's webhooks are signed with. Only its owners are told. */
export function WebhookKey({ site }: { site: Site }) {
  const path = at('/api/sites/{site}/webhook-key', { site: site.id });
  const [isShown, setShown] = useState(false);
  const { data, error: refused, mutate } = useAnswer(isShown ? path : null);
  const { error, attempt } = useAttempt();
  // Receivers have to be told, so it is asked for twice.
  const [isAsked, setAsked] = useState(false);
  const rotate = (since: number) =>
    attempt(async () => {
      setAsked(false);
      await mutate(await post(at('/api/sites/{site}/webhook-key/rotate', { site: site.id }), { since }), {
        revalidate: false,
      });
    });
  return (
    <Panel title="Webhook key">
      <Stack gap="3" align="stretch">
        <Text color="slate">
          Webhooks are signed as the Standard Webhooks specification says. A receiver needs this key to check
          that they come from this site.
        </Text>
        {!isShown && (
          <Button
            size="sm"
            variant="outline"
            colorPalette="plain"
            alignSelf="start"
            onClick={() => setShown(true)}
          >
            Show key
          </Button>
        )}
        {refused && <ErrorNote error={refused} />}
        {data && (
          <>
            <Snippet label={`Signing key, since ${exactTime(data.createdAt)}`} text={data.key} />
            {data.previousUntil !== null && (
              <Text color="slate">
                The key before it signs beside this one until {exactTime(data.previousUntil)}.
              </Text>
            )}
            <Flex>
              <Button
                size="sm"
                variant="outline"
                colorPalette="plain"
                onBlur={() => setAsked(false)}
                onClick={() => (isAsked ? inBackground(rotate(data.createdAt)) : setAsked(true))}
              >
                {isAsked ? 'Replace it; the old one signs for a day' : 'Replace key'}
              </Button>
            </Flex>
          </>
        )}
        {error !== null && <ErrorNote error={error} />}
      </Stack>
    </Panel>
  );
}
