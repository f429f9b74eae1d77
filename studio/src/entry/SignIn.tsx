import { Button, Link, Stack } from '@chakra-ui/react';
import { useForm } from 'react-hook-form';
import { Link as RouterLink, Navigate, useLocation } from 'react-router';
import { useSession } from '../app/session.ts';
import { at, post } from '../shared/api/index.ts';
import { EntryBox } from './EntryBox.tsx';
import { EntryForm } from './EntryForm.tsx';
import { EmailField, PasswordField } from './fields.tsx';
import { emailRule } from './rules.ts';
import { useEntry } from './use-entry.ts';
import { inBackground } from '../shared/background.ts';

interface Entered {
  email: string;
  password: string;
}

/** Where people sign in; on a demo, one click is enough. */
export function SignIn() {
  const { data: session } = useSession();
  const { error, enter } = useEntry();
  const { register, handleSubmit, formState } = useForm<Entered>();
  const from = (useLocation().state as { from?: string } | null)?.from ?? '/widgets';

  if (session?.user) return <Navigate to={from} replace />;
  if (session?.setUp) return <Navigate to="/setup" replace />;
  const { errors, isSubmitting } = formState;
  const signIn = handleSubmit((entered) => enter(() => post(at('/api/session'), entered)));
  return (
    <EntryBox title="Sign in" text="Widgets for the sites you look after.">
      <Stack gap="4">
        {session?.demo && (
          <Button
            colorPalette="signal"
            onClick={() => inBackground(enter(() => post(at('/api/session/demo'))))}
          >
            Sign in as the demo designer
          </Button>
        )}
        <EntryForm
          action="Sign in"
          busy={isSubmitting}
          second={session?.demo ?? false}
          error={error}
          onSubmit={signIn}
        >
          <EmailField field={register('email', emailRule)} error={errors.email?.message} />
          <PasswordField
            field={register('password', { required: 'Enter your password' })}
            error={errors.password?.message}
          />
        </EntryForm>
        <Link asChild alignSelf="start" fontSize="13px">
          <RouterLink to="/forgot">Forgot password?</RouterLink>
        </Link>
      </Stack>
    </EntryBox>
  );
}
