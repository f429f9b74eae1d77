import { Link, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Link as RouterLink } from 'react-router';
import { at, post } from '../shared/api/index.ts';
import { useAttempt } from '../shared/use-attempt.ts';
import { EntryBox } from './EntryBox.tsx';
import { EntryForm } from './EntryForm.tsx';
import { EmailField } from './fields.tsx';
import { emailRule } from './rules.ts';

/** Asks for a link that sets a new password. */
export function ForgotPassword() {
  const { register, handleSubmit, formState } = useForm<{ email: string }>();
  const [sentTo, setSentTo] = useState<string | null>(null);
  const { error, attempt } = useAttempt();
  const ask = handleSubmit(async (entered) => {
    if (await attempt(() => post(at('/api/session/reset'), entered))) setSentTo(entered.email);
  });
  return (
    <EntryBox title="Reset password" text="We send a link to your e-mail address. It works for one hour.">
      <Stack gap="4">
        {sentTo === null ? (
          <EntryForm action="Send link" busy={formState.isSubmitting} error={error} onSubmit={ask}>
            <EmailField field={register('email', emailRule)} error={formState.errors.email?.message} />
          </EntryForm>
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
