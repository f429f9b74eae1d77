import { Button, Field, Flex, Input, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { at, put, remove, type Site, useAnswer } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { Panel } from '../shared/Panel.tsx';
import { Snippet } from '../shared/Snippet.tsx';
import { useAttempt } from '../shared/use-attempt.ts';

interface Words {
  title: string;
  none: string;
  test: string;
  own(url: string): string;
  /** What the key is called that it signs with, and where what it tells is sent; of one that tells nothing, neither. */
  signing?: string;
  webhook?: string;
}

const services = {
  payments: {
    title: 'Payment service',
    none: 'No payment service is set up: forms can’t ask for payments yet.',
    test: 'Payments are made at the test service. No money moves until a payment service is set up here.',
    own: (url) => `Payments are made at ${url}.`,
    signing: 'Signing key of its results',
    webhook: 'Have its results sent to',
  },
  messenger: {
    title: 'Messenger',
    none: 'No messenger is set up: chats can’t offer one yet.',
    test: 'Visitors who prefer a messenger write at the test service, until a messenger is set up here.',
    own: (url) => `Visitors who prefer a messenger write at ${url}.`,
    signing: 'Signing key of its messages',
    webhook: 'Have messages sent to',
  },
  members: {
    title: 'Member service',
    none: 'No member service is set up: forms can’t sign visitors in yet.',
    test: 'Members are known to the test service, until a member service is set up here.',
    own: (url) => `Members are known to ${url}.`,
  },
} as const satisfies Record<string, Words>;

interface Props {
  site: Site;
  kind: keyof typeof services;
  /** What belongs to it beside. */
  children?: React.ReactNode;
}

const empty = { url: '', key: '', signingKey: '' };

/** An outside service of the site. Only its owners are told, and its keys are told to nobody. */
export function OutsideService({ site, kind, children }: Props) {
  const path = at('/api/sites/{site}/services/{kind}', { site: site.id, kind });
  const { data, error: refused, mutate } = useAnswer(path);
  const [given, setGiven] = useState<typeof empty | null>(null);
  const { error, busy, attempt } = useAttempt();
  const { title, none, test, own, signing, webhook }: Words = services[kind];
  const signs = signing !== undefined;
  if (refused?.status === 403) return null;
  const save = ({ signingKey, ...account }: typeof empty) =>
    attempt(async () => {
      await mutate(await put(path, { ...account, ...(signs && { signingKey }) }), { revalidate: false });
      setGiven(null);
    });
  const clear = () =>
    attempt(async () => {
      await remove(path);
      await mutate();
    });
  const field = (key: keyof typeof empty, label: string, placeholder: string) =>
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
  const isOwn = data !== undefined && data.url !== null && !data.isTest;
  const isWhole =
    given !== null && given.url !== '' && given.key !== '' && (!signs || given.signingKey !== '');
  return (
    <Panel title={title}>
      <Stack gap="3" align="stretch">
        {data && <Text color="slate">{data.url === null ? none : data.isTest ? test : own(data.url)}</Text>}
        {refused && <ErrorNote error={refused} />}
        {given ? (
          <>
            {field('url', 'URL', 'https://…')}
            {field('key', 'API key', '')}
            {signing && field('signingKey', signing, 'whsec_…')}
            {data?.resultUrl && webhook && <Snippet label={webhook} text={data.resultUrl} />}
            <Flex gap="2">
              <Button
                size="sm"
                colorPalette="signal"
                loading={busy}
                disabled={!isWhole}
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
            <Button size="sm" variant="outline" colorPalette="plain" onClick={() => setGiven(empty)}>
              {isOwn ? 'Replace' : 'Set up'}
            </Button>
            {isOwn && (
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
        {children}
      </Stack>
    </Panel>
  );
}
