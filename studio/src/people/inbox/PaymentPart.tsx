import { Button, Flex, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { at, post, type Payment, type Site } from '../../shared/api/index.ts';
import { inBackground } from '../../shared/background.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { ago } from '../../shared/format.ts';
import { PaymentState } from '../../shared/PaymentState.tsx';
import { useAttempt } from '../../shared/use-attempt.ts';
import { worth } from '../../shared/worth.ts';
import { Part } from '../Part.tsx';

/** What was to be paid with a submission, how that stands, and the way to pay it back. */
export function PaymentPart({
  site,
  payment: { id, units, currency, interval, description, state, since, trouble },
  onChange,
}: {
  site: Site;
  payment: Payment;
  onChange(): void;
}) {
  const { error, busy, attempt } = useAttempt();
  // Money goes out, so it is asked for twice.
  const [isAsked, setAsked] = useState(false);
  const refund = () =>
    attempt(async () => {
      setAsked(false);
      await post(at('/api/sites/{site}/payments/{payment}/refund', { site: site.id, payment: id }));
      onChange();
    });
  const sum = worth(units, currency);
  return (
    <Part title="Payment">
      <Flex justify="space-between" gap="3" align="start">
        <Stack gap="0.5" minW="0">
          <Text>
            <Text as="span" fontWeight="600">
              {interval === 'month' ? `${sum} every month` : sum}
            </Text>{' '}
            for {description}
          </Text>
          <Flex gap="2" wrap="wrap">
            <PaymentState state={state} />
            <Text color="slate">{ago(since)}</Text>
          </Flex>
        </Stack>
        {state === 'paid' && (
          <Button
            size="xs"
            variant="outline"
            colorPalette="plain"
            loading={busy}
            onBlur={() => setAsked(false)}
            onClick={() => (isAsked ? inBackground(refund()) : setAsked(true))}
          >
            {isAsked ? `Refund ${sum}` : 'Refund'}
          </Button>
        )}
      </Flex>
      {trouble !== null && <Text color="wine">{trouble}</Text>}
      {error !== null && <ErrorNote error={error} />}
    </Part>
  );
}
