import { Button, Flex, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useSession } from '../app/session.ts';
import { NewPasswordField, PasswordField } from '../entry/fields.tsx';
import { newPasswordRule } from '../entry/rules.ts';
import { at, patch, put, remove, useAnswer } from '../shared/api/index.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { ago } from '../shared/format.ts';
import { NameForm } from '../shared/NameForm.tsx';
import { Page } from '../shared/Page.tsx';
import { StateMark } from '../shared/StateMark.tsx';
import { useAttempt } from '../shared/use-attempt.ts';
import { Panel } from '../shared/Panel.tsx';
import { deviceName } from './device-name.ts';
import { inBackground } from '../shared/background.ts';

/** One's own account: the name, the password, and where one is signed in. */
export function AccountPage() {
  const { data: session } = useSession();
  return (
    <Page title="Account">
      {session?.user && (
        <Stack gap="4" maxW="820px">
          <OwnName key={session.user.name} name={session.user.name} email={session.user.email} />
          <Password />
          <Sessions />
        </Stack>
      )}
    </Page>
  );
}

function OwnName({ name, email }: { name: string; email: string }) {
  const { mutate } = useSession();
  const save = async (next: string) => {
    await patch(at('/api/account'), { name: next });
    await mutate();
  };
  return (
    <Panel title="Name">
      <NameForm label="Your name" action="Save name" name={name} onSave={save} />
      <Text color="slate" mt="3">
        You sign in as {email}.
      </Text>
    </Panel>
  );
}

interface Passwords {
  current: string;
  password: string;
}

function Password() {
  const { register, handleSubmit, formState, reset } = useForm<Passwords>();
  const { error, attempt } = useAttempt();
  const [saved, setSaved] = useState(false);
  const { errors, isSubmitting } = formState;
  const change = handleSubmit(async (entered) => {
    const isChanged = await attempt(() => put(at('/api/account/password'), entered));
    setSaved(isChanged);
    if (isChanged) reset({ current: '', password: '' });
  });
  return (
    <Panel title="Password">
      <form noValidate onSubmit={(event) => inBackground(change(event))}>
        <Stack gap="4" maxW="400px">
          <PasswordField
            label="Current password"
            field={register('current', { required: 'Enter your current password' })}
            error={errors.current?.message}
          />
          <NewPasswordField
            label="New password"
            field={register('password', newPasswordRule)}
            error={errors.password?.message}
          />
          {error !== null && <ErrorNote error={error} />}
          <Flex gap="3" align="center">
            <Button type="submit" size="sm" colorPalette="signal" loading={isSubmitting}>
              Change password
            </Button>
            {saved && <StateMark tone="good">Changed; other sessions have ended</StateMark>}
          </Flex>
        </Stack>
      </form>
    </Panel>
  );
}

function Sessions() {
  const { data, mutate } = useAnswer(at('/api/account/sessions'));
  const { error, attempt } = useAttempt();
  const end = (id: string) =>
    attempt(async () => {
      await remove(at('/api/account/sessions/{session}', { session: id }));
      await mutate();
    });
  return (
    <Panel title="Sessions">
      <Stack as="ul" gap="2" listStyleType="none">
        {data?.map(({ id, createdAt, device, current }) => (
          <Flex as="li" key={id} gap="3" align="center">
            <Text flex="1" title={device}>
              {deviceName(device)}{' '}
              <Text as="span" color="slate">
                signed in {ago(createdAt)}
              </Text>
            </Text>
            {current ? (
              <StateMark tone="good">This session</StateMark>
            ) : (
              <Button
                size="xs"
                variant="outline"
                colorPalette="plain"
                aria-label={`End session: ${deviceName(device)}`}
                onClick={() => inBackground(end(id))}
              >
                End session
              </Button>
            )}
          </Flex>
        ))}
      </Stack>
      {error !== null && <ErrorNote error={error} />}
    </Panel>
  );
}
