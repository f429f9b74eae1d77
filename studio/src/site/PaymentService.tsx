import { Button, Field, Flex, Input, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { at, put, remove, type Site, useAnswer } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { Panel } from '../shared/Panel.tsx';
import { Snippet } from '../shared/Snippet.tsx';
import { useAttempt } from '../shared/use-attempt.ts';

const none = { url: '', key: '', signingKey: '' };

/** Where the payments of the site's forms are made. Only its owners are told, and its keys are told to nobody. */
export function PaymentService({ site }: { site: Site }) {
  const path = at('/api/sites/{site}/payment-service', { site: site.id });
  const { data, error: refused, mutate } = useAnswer(path);
  const [given, setGiven] = useState<typeof none | null>(null);
  const { error, busy, attempt } = useAttempt();
  if (refused?.status === 403) return null;
  const save = (settings: typeof none) =>
    attempt(async () => {
      await mutate(await put(path, settings), { revalidate: false });
      setGiven(null);
    });
  const clear = () =>
    attempt(async () => {
      await remove(path);
      await mutate();
    });
  const field = (key: keyof typeof none, label: string, placeholder: string) =>
    given && (
      <Field.Root>
        <Field.Label>{label}</Field.Label>
        <Input
          size="sm"
          type={key === 'url' ? 'url' : 'password'}
          autoComplete="off"
          placeholder={placeholder}
          value={given[key]}
          onChange={(event) => setGiven({ ...given, [key]: event.target.value.trim() })}
        />
      </Field.Root>
    );
  return (
    <Panel title="Payment service">
      <Stack gap="3" align="stretch">
        <Text color="slate">
          {!data || data.url === null
            ? 'No payment service is set up: forms can’t ask for payments yet.'
            : data.isTest
              ? 'Payments are made at the test service. No money moves until a payment service is set up here.'
              : `Payments are made at ${data.url}.`}
        </Text>
        {refused && <ErrorNote error={refused} />}
        {given ? (
          <>
            {field('url', 'URL', 'https://…')}
            {field('key', 'API key', '')}
            {field('signingKey', 'Signing key of its results', 'whsec_…')}
            {data && <Snippet label="Have its results sent to" text={data.resultUrl} />}
            <Flex gap="2">
              <Button
                size="sm"
                colorPalette="signal"
                loading={busy}
                disabled={Object.values(given).includes('')}
                onClick={() => inBackground(save(given))}
              >
                Save
              </Button>
              <Button size="sm" variant="outline" colorPalette="plain" onClick={() => setGiven(null)}>
                Cancel
              </Button>
            </Flex>
          </>
        ) : (
          <Flex gap="2">
            <Button size="sm" variant="outline" colorPalette="plain" onClick={() => setGiven(none)}>
              {data && !data.isTest && data.url !== null ? 'Replace' : 'Set up'}
            </Button>
            {data && !data.isTest && data.url !== null && (
              <Button
                size="sm"
                variant="outline"
                colorPalette="plain"
                loading={busy}
                onClick={() => inBackground(clear())}
              >
                Remove
              </Button>
            )}
          </Flex>
        )}
        {error !== null && <ErrorNote error={error} />}
      </Stack>
    </Panel>
  );
}
