import { Button, Flex, Text } from '@chakra-ui/react';
import { at, post, type Site } from '../../shared/api/index.ts';
import { inBackground } from '../../shared/background.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { count } from '../../shared/format.ts';
import { StateMark } from '../../shared/StateMark.tsx';
import { useAttempt } from '../../shared/use-attempt.ts';

/** What was not delivered and is not tried again by itself; all of it can be. */
export function FailedNote({ site, failed, onChange }: { site: Site; failed: number; onChange(): void }) {
  const { error, busy, attempt } = useAttempt();
  const repeat = () =>
    attempt(async () => {
      await post(at('/api/sites/{site}/deliveries/repeat-failed', { site: site.id }), { all: true });
      onChange();
    });
  return (
    <Flex bg="sheet" borderWidth="1px" rounded="md" px="4" py="2.5" align="center" gap="4" wrap="wrap">
      <StateMark tone="bad">
        {count(failed)} {failed === 1 ? 'action has' : 'actions have'} failed
      </StateMark>
      <Text color="slate" flex="1">
        Each submission says why. They are not tried again by themselves.
      </Text>
      <Button
        size="xs"
        variant="outline"
        colorPalette="plain"
        loading={busy}
        onClick={() => inBackground(repeat())}
      >
        Try all again
      </Button>
      {error !== null && <ErrorNote error={error} />}
    </Flex>
  );
}
