import { Button, Flex, Stack, Text } from '@chakra-ui/react';
import { at, type Delivery, post } from '../../shared/api/index.ts';
import { ago, dateTime } from '../../shared/format.ts';
import { StateMark } from '../../shared/StateMark.tsx';
import { inBackground } from '../../shared/background.ts';

/** All deliveries of a submission in one mark: the worst of them. */
export function DeliverySummary({ deliveries }: { deliveries: Delivery[] }) {
  const failed = deliveries.filter(({ state }) => state === 'failed').length;
  const waiting = deliveries.filter(({ state }) => state === 'waiting').length;
  if (deliveries.length === 0) return <StateMark tone="quiet">None</StateMark>;
  if (failed > 0) return <StateMark tone="bad">{failed} failed</StateMark>;
  if (waiting > 0) return <StateMark tone="waiting">{waiting} waiting</StateMark>;
  return <StateMark tone="good">{deliveries.length} sent</StateMark>;
}

const times = (attempts: number) => (attempts === 1 ? 'once' : `${attempts} times`);

function DeliveryState({ delivery: { state, attempts, dueAt, lastAt, lastError } }: { delivery: Delivery }) {
  if (state === 'sent') return <StateMark tone="good">Sent {lastAt ? ago(lastAt) : ''}</StateMark>;
  if (attempts === 0) return <StateMark tone="waiting">Waiting to be sent</StateMark>;
  if (state === 'failed')
    return (
      <Stack gap="0.5">
        <StateMark tone="bad">Failed; tried {times(attempts)}</StateMark>
        <Text color="slate" fontSize="13px">
          {lastError}
        </Text>
      </Stack>
    );
  return (
    <Stack gap="0.5">
      <StateMark tone="waiting">
        Not taken yet; tried {times(attempts)}, next at {dateTime(dueAt)}
      </StateMark>
      <Text color="slate" fontSize="13px">
        {lastError}
      </Text>
    </Stack>
  );
}

/** What follows a submission, each with how it stands and a way to do it again. */
export function DeliveryList({
  siteId,
  deliveries,
  onChange,
}: {
  siteId: string;
  deliveries: Delivery[];
  onChange: () => void;
}) {
  const repeat = async (id: string) => {
    await post(at('/api/sites/{site}/deliveries/{delivery}/repeat', { site: siteId, delivery: id }));
    onChange();
  };
  if (deliveries.length === 0) return <Text color="slate">No actions.</Text>;
  return (
    <Stack as="ul" gap="3" listStyleType="none">
      {deliveries.map((delivery) => (
        <Flex as="li" key={delivery.id} justify="space-between" gap="2" align="start">
          <Stack gap="0.5" minW="0">
            <Text truncate>{delivery.label}</Text>
            <DeliveryState delivery={delivery} />
          </Stack>
          <Button
            size="xs"
            variant="outline"
            colorPalette="plain"
            onClick={() => inBackground(repeat(delivery.id))}
          >
            {delivery.state === 'sent' ? 'Send again' : 'Try now'}
          </Button>
        </Flex>
      ))}
    </Stack>
  );
}
