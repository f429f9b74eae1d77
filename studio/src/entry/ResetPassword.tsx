import { Link } from '@chakra-ui/react';
import { useForm } from 'react-hook-form';
import { Link as RouterLink, useNavigate, useParams } from 'react-router';
import { at, put } from '../shared/api/index.ts';
import { EntryBox } from './EntryBox.tsx';
import { EntryForm } from './EntryForm.tsx';
import { NewPasswordField } from './fields.tsx';
import { newPasswordRule } from './rules.ts';
import { useEntry } from './use-entry.ts';

/** Where the link of a reset e-mail leads: a new password, and one is signed in. */
export function ResetPassword() {
  const { token = '' } = useParams();
  const { register, handleSubmit, formState } = useForm<{ password: string }>();
  const { error, enter } = useEntry();
  const navigate = useNavigate();
  const reset = handleSubmit(async (entered) => {
    if (await enter(() => put(at('/api/session/reset/{token}', { token }), entered)))
      await navigate('/widgets', { replace: true });
  });
  return (
    <EntryBox title="New password" text="You will be signed in here, and signed out everywhere else.">
      <EntryForm
        action="Set password"
        busy={formState.isSubmitting}
        error={error}
        wayOut={
          <Link asChild alignSelf="start" fontSize="13px">
            <RouterLink to="/forgot">Ask for a new link</RouterLink>
          </Link>
        }
        onSubmit={reset}
      >
        <NewPasswordField
          label="New password"
          field={register('password', newPasswordRule)}
          error={formState.errors.password?.message}
        />
      </EntryForm>
    </EntryBox>
  );
}
