import { Button, Link, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Link as RouterLink } from 'react-router';
import { post } from '../shared/api.ts';
import { useAttempt } from '../shared/use-attempt.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { EntryBox } from './EntryBox.tsx';
import { emailRule } from './rules.ts';
import { TextField } from './TextField.tsx';

/** Asks for a link that sets a new password. */
export function ForgotPassword() {
  const { register, handleSubmit, formState } = useForm<{ email: string }>();
  const [sentTo, setSentTo] = useState<string | null>(null);
  const { error, attempt } = useAttempt();
  const ask = handleSubmit(async (entered) => {
    if (await attempt(() => post('/api/session/reset', entered))) setSentTo(entered.email);
  });
  return (
    <EntryBox title="Reset password" text="We send a link to your e-mail address. It works for one hour.">
      <Stack gap="4">
        {sentTo === null ? (
          <form noValidate onSubmit={(event) => void ask(event)}>
            <Stack gap="4">
              <TextField
                label="E-mail"
                type="email"
                autoComplete="username"
                field={register('email', emailRule)}
                error={formState.errors.email?.message}
              />
              {error !== null && <ErrorNote error={error} />}
              <Button type="submit" colorPalette="signal" loading={formState.isSubmitting}>
                Send link
              </Button>
            </Stack>
          </form>
        ) : (
          <Text role="status">
            If there is an account with {sentTo}, a link is on its way. Check your inbox, and the spam folder.
          </Text>
        )}
        <Link asChild alignSelf="start" fontSize="13px">
          <RouterLink to="/sign-in">Back to sign in</RouterLink>
        </Link>
      </Stack>
    </EntryBox>
  );
}
