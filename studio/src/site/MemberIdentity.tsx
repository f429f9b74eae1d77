import { Button, Field, Flex, Stack, Text, Textarea } from '@chakra-ui/react';
import { useState } from 'react';
import { at, put, remove, type Site, useAnswer } from '../shared/api/index.ts';
import { inBackground } from '../shared/background.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { Panel } from '../shared/Panel.tsx';
import { Snippet } from '../shared/Snippet.tsx';
import { TwiceButton } from '../shared/TwiceButton.tsx';
import { useAttempt } from '../shared/use-attempt.ts';

/** With what the tokens are checked that say who a member is in a chat. Only owners of the site are told. */
export function MemberIdentity({ site }: { site: Site }) {
  const path = { site: site.id };
  const [isShown, setShown] = useState(false);
  const { data, error: refused, mutate } = useAnswer(isShown && at('/api/sites/{site}/identity-key', path));
  const [secret, setSecret] = useState<string | null>(null);
  const [publicKey, setPublicKey] = useState<string | null>(null);
  const { error, busy, attempt } = useAttempt();
  const makeSecret = () =>
    attempt(async () => {
      setSecret((await put(at('/api/sites/{site}/identity-key', path), { algorithm: 'HS256' })).secret);
      await mutate();
    });
  const savePublicKey = (pem: string) =>
    attempt(async () => {
      await put(at('/api/sites/{site}/identity-key', path), { algorithm: 'EdDSA', publicKey: pem });
      setPublicKey(null);
      setSecret(null);
      await mutate();
    });
  const clear = () =>
    attempt(async () => {
      await remove(at('/api/sites/{site}/identity-key', path));
      setSecret(null);
      await mutate();
    });
  return (
    <Panel title="Member sign-in for chats">
      <Stack gap="3" align="stretch">
        <Text color="slate">
          The client’s server signs a token (JWT) for who is signed in there, and the page hands it to
          sirene.identify. Chats then know members by name, and nobody can pose as another.
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
          <Text>
            {data.algorithm === null
              ? 'No key yet: tokens are refused.'
              : data.algorithm === 'HS256'
                ? 'Tokens are signed with a secret (HS256).'
                : 'Tokens are signed with a key pair (EdDSA).'}
          </Text>
        )}
        {secret !== null && (
          <>
            <Snippet label="Secret for the client’s server" text={secret} />
            <Text color="slate">
              It is shown this once. Keep it on the server; it must never be on a page.
            </Text>
          </>
        )}
        {publicKey !== null && (
          <Field.Root>
            <Field.Label>Public key (Ed25519, PEM)</Field.Label>
            <Textarea
              rows={4}
              fontFamily="mono"
              fontSize="12px"
              value={publicKey}
              onChange={({ target }) => setPublicKey(target.value)}
            />
            <Button
              size="sm"
              mt="2"
              colorPalette="signal"
              alignSelf="start"
              loading={busy}
              disabled={publicKey.trim() === ''}
              onClick={() => inBackground(savePublicKey(publicKey))}
            >
              Save public key
            </Button>
          </Field.Root>
        )}
        {data && (
          <Flex gap="2" wrap="wrap">
            {data.algorithm === null ? (
              <Button
                size="xs"
                variant="outline"
                colorPalette="plain"
                loading={busy}
                onClick={() => inBackground(makeSecret())}
              >
                Create a secret
              </Button>
            ) : (
              <TwiceButton
                label="New secret"
                again="Replace it; tokens of now are refused"
                busy={busy}
                onPress={() => inBackground(makeSecret())}
              />
            )}
            {publicKey === null && (
              <Button size="xs" variant="outline" colorPalette="plain" onClick={() => setPublicKey('')}>
                Use a public key
              </Button>
            )}
            {data.algorithm !== null && (
              <TwiceButton
                label="Remove key"
                again="Remove it; members are not known then"
                busy={busy}
                onPress={() => inBackground(clear())}
              />
            )}
          </Flex>
        )}
        {error !== null && <ErrorNote error={error} />}
      </Stack>
    </Panel>
  );
}
