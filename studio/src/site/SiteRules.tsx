import { Box, Button, Flex, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { mutate } from 'swr';
import { at, patch, type Site } from '../shared/api/index.ts';
import { Choice } from '../shared/Choice.tsx';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { NumberInput } from '../shared/NumberInput.tsx';
import { Panel } from '../shared/Panel.tsx';
import { Row } from '../shared/Row.tsx';
import { StateMark } from '../shared/StateMark.tsx';
import { Toggle } from '../shared/Toggle.tsx';
import { ZoneChoice } from '../shared/ZoneChoice.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { inBackground } from '../shared/background.ts';

type Policy = Site['policy'];

/** The zone that schedules and countdowns of the site begin with. */
export function SiteZone({ site }: { site: Site }) {
  const { error, attempt } = useAttempt();
  const choose = (zone: string) =>
    attempt(async () => {
      await patch(at('/api/sites/{site}', { site: site.id }), { zone });
      await mutate('/api/sites');
    });
  return (
    <Panel title="Time zone">
      <Stack gap="3" align="start">
        <Box w="360px" maxW="full">
          <Row label="Time zone">
            {(id) => <ZoneChoice id={id} value={site.zone} onChange={(zone) => inBackground(choose(zone))} />}
          </Row>
        </Box>
        <Text color="slate">New schedules and countdowns go by it. Those that exist keep their own.</Text>
        {error !== null && <ErrorNote error={error} />}
      </Stack>
    </Panel>
  );
}

/** How much the site's widgets may interrupt its visitors together. */
export function SitePolicy({ site }: { site: Site }) {
  const [policy, setPolicy] = useState(site.policy);
  const [saved, setSaved] = useState(false);
  const { error, attempt } = useAttempt();
  const changed = JSON.stringify(policy) !== JSON.stringify(site.policy);
  const set = (change: Partial<Policy>) => {
    setSaved(false);
    setPolicy({ ...policy, ...change });
  };
  const save = () =>
    attempt(async () => {
      await patch(at('/api/sites/{site}', { site: site.id }), { policy });
      await mutate('/api/sites');
      setSaved(true);
    });
  const limit = (key: 'perPage' | 'perVisit', label: string, first: number) => (
    <Stack gap="2">
      <Toggle
        label={label}
        value={policy[key] !== null}
        onChange={(limited) => set({ [key]: limited ? first : null })}
      />
      {policy[key] !== null && (
        <Row label="At most">
          {(id) => (
            <NumberInput
              id={id}
              unit=""
              min={1}
              max={1000}
              value={policy[key] ?? first}
              onChange={(value) => set({ [key]: value })}
            />
          )}
        </Row>
      )}
    </Stack>
  );
  return (
    <Panel title="Interruptions">
      <Stack gap="4" maxW="420px">
        <Text color="slate">
          Pop-ups, corner boxes and side panels that appear by themselves interrupt, one at a time. These
          limits hold for all of them together; what visitors open themselves is never held back.
        </Text>
        <Row label="Quiet gap (s)">
          {(id) => (
            <NumberInput
              id={id}
              unit="s"
              min={0}
              max={86_400}
              value={policy.quietGap}
              onChange={(quietGap) => set({ quietGap })}
            />
          )}
        </Row>
        {limit('perPage', 'Limit per page', 1)}
        {limit('perVisit', 'Limit per visit', 2)}
        <Row label="When blocked">
          {(id) => (
            <Choice
              id={id}
              value={policy.waiting}
              options={{ later: 'Appear later on the page', never: 'Do not appear on this page' }}
              onChange={(waiting) => set({ waiting })}
            />
          )}
        </Row>
        {error !== null && <ErrorNote error={error} />}
        <Flex gap="3" align="center">
          <Button size="sm" colorPalette="signal" disabled={!changed} onClick={() => inBackground(save())}>
            Save limits
          </Button>
          {saved && !changed && <StateMark tone="good">Saved</StateMark>}
        </Flex>
      </Stack>
    </Panel>
  );
}
