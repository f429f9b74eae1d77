import { Box, Button, Flex, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { at, get, type CheckedStep, type Site } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { StateMark } from '../shared/StateMark.tsx';
import { useAttempt } from '../shared/use-attempt.ts';

type Step = CheckedStep['step'];

const steps = {
  address: 'URL',
  key: 'API key',
  webhook: 'Webhook URL',
  signature: 'Signing key',
  domains: 'Allowed domains',
} as const satisfies Record<Step, string>;

const order = Object.keys(steps) as Step[];

/** The set-up of the site's messenger as a list of what has to be right, each tested by itself. */
export function MessengerChecks({ site }: { site: Site }) {
  const [found, setFound] = useState<ReadonlyMap<Step, CheckedStep>>(new Map());
  const [testing, setTesting] = useState<Step | null>(null);
  const { error, attempt } = useAttempt();
  const test = async (wanted: readonly Step[]) => {
    await attempt(async () => {
      for (const step of wanted) {
        setTesting(step);
        const result = await get(at('/api/sites/{site}/messenger/checks/{step}', { site: site.id, step }));
        setFound((before) => new Map([...before, [step, result]]));
      }
    });
    setTesting(null);
  };
  return (
    <Stack gap="3" borderTopWidth="1px" pt="4">
      <Flex align="center" gap="3">
        <Text fontWeight="600" flex="1">
          Checklist
        </Text>
        <Button
          size="xs"
          variant="outline"
          colorPalette="plain"
          disabled={testing !== null}
          onClick={() => inBackground(test(order))}
        >
          Test all
        </Button>
      </Flex>
      <Stack as="ol" gap="0" listStyleType="none" aria-label="Checklist">
        {order.map((step) => {
          const result = found.get(step);
          return (
            <Flex as="li" key={step} gap="3" align="start" py="2" borderTopWidth="1px">
              <Text w="130px" flex="none">
                {steps[step]}
              </Text>
              <Box flex="1" minW="0" role="status">
                {result ? (
                  <>
                    <StateMark tone={result.works ? 'good' : 'bad'} wraps>
                      {result.says}
                    </StateMark>
                    {result.todo && (
                      <Text color="slate" fontSize="13px" overflowWrap="anywhere">
                        {result.todo}
                      </Text>
                    )}
                  </>
                ) : (
                  <StateMark tone="quiet">Not tested yet</StateMark>
                )}
              </Box>
              <Button
                size="xs"
                variant="outline"
                colorPalette="plain"
                aria-label={`Test ${steps[step]}`}
                loading={testing === step}
                disabled={testing !== null}
                onClick={() => inBackground(test([step]))}
              >
                Test
              </Button>
            </Flex>
          );
        })}
      </Stack>
      {error !== null && <ErrorNote error={error} />}
    </Stack>
  );
}
