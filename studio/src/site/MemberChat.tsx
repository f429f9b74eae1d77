import { Stack, Switch, Text } from '@chakra-ui/react';
import { at, put, type Site, useAnswer } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { Panel } from '../shared/Panel.tsx';
import { useAttempt } from '../shared/use-attempt.ts';

/** Whether members of the client's site may write to each other. */
export function MemberChat({ site }: { site: Site }) {
  const path = at('/api/sites/{site}/member-chat', { site: site.id });
  const { data, error: failed, mutate } = useAnswer(path);
  const { error, attempt } = useAttempt();
  const turn = (isOn: boolean) =>
    attempt(async () => {
      await mutate(await put(path, { isOn }), { revalidate: false });
    });
  return (
    <Panel title="Member chat">
      <Stack gap="3" align="start">
        <Text color="slate">
          With a Member chat element, members of the site write to each other, one to one. Who they are is
          said by the signed token above. They can block and report each other; reports stand at the desk.
        </Text>
        {failed && <ErrorNote error={failed} />}
        {data && (
          <Switch.Root
            size="sm"
            checked={data.isOn}
            onCheckedChange={({ checked }) => inBackground(turn(checked))}
          >
            <Switch.HiddenInput />
            <Switch.Control />
            <Switch.Label fontWeight="400">Members can write to each other</Switch.Label>
          </Switch.Root>
        )}
        {data && data.members > 0 && (
          <Text color="slate" fontSize="13px">
            {data.members === 1 ? 'One member has been there.' : `${data.members} members have been there.`}
          </Text>
        )}
        {error !== null && <ErrorNote error={error} />}
      </Stack>
    </Panel>
  );
}
