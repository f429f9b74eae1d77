import { Button, Link, Stack } from '@chakra-ui/react';
import { useForm } from 'react-hook-form';
import { Link as RouterLink, useNavigate, useParams } from 'react-router';
import { put } from '../shared/api.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { EntryBox } from './EntryBox.tsx';
import { newPasswordHelp, newPasswordRule } from './rules.ts';
import { TextField } from './TextField.tsx';
import { useEntry } from './use-entry.ts';

/** Where the link of a reset e-mail leads: a new password, and one is signed in. */
export function ResetPassword() {
  const { token = '' } = useParams();
  const { register, handleSubmit, formState } = useForm<{ password: string }>();
  const { error, enter } = useEntry();
  const navigate = useNavigate();
  const reset = handleSubmit(async (entered) => {
    if (await enter(() => put(`/api/session/reset/${encodeURIComponent(token)}`, entered)))
      await navigate('/widgets', { replace: true });
  });
  return (
    <EntryBox title="New password" text="You will be signed in here, and signed out everywhere else.">
      <form noValidate onSubmit={(event) => void reset(event)}>
        <Stack gap="4">
          <TextField
            label="New password"
            type="password"
            autoComplete="new-password"
            help={newPasswordHelp}
            field={register('password', newPasswordRule)}
            error={formState.errors.password?.message}
          />
          {error !== null && (
            <>
              <ErrorNote error={error} />
              <Link asChild alignSelf="start" fontSize="13px">
                <RouterLink to="/forgot">Ask for a new link</RouterLink>
              </Link>
            </>
          )}
          <Button type="submit" colorPalette="signal" loading={formState.isSubmitting}>
            Set password
          </Button>
        </Stack>
      </form>
    </EntryBox>
  );
}
