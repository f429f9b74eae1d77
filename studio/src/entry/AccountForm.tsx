import { Button, Stack } from '@chakra-ui/react';
import { useForm } from 'react-hook-form';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { emailRule, nameRule, newPasswordHelp, newPasswordRule } from './rules.ts';
import { TextField } from './TextField.tsx';

export interface NewAccount {
  code: string;
  name: string;
  email: string;
  password: string;
}

interface Props {
  /** Whether the server's one-time code is asked for. */
  code?: boolean;
  action: string;
  error: unknown;
  onCreate(account: Partial<NewAccount>): Promise<unknown>;
}

/** What a new account is made of. */
export function AccountForm({ code = false, action, error, onCreate }: Props) {
  const { register, handleSubmit, formState } = useForm<NewAccount>({ shouldUnregister: true });
  const { errors, isSubmitting } = formState;
  return (
    <form noValidate onSubmit={(event) => void handleSubmit(onCreate)(event)}>
      <Stack gap="4">
        {code && (
          <TextField
            label="One-time code"
            autoComplete="one-time-code"
            help="It is in the output of npm start."
            field={register('code', { required: 'Enter the code that the server printed' })}
            error={errors.code?.message}
          />
        )}
        <TextField
          label="Your name"
          autoComplete="name"
          field={register('name', nameRule)}
          error={errors.name?.message}
        />
        <TextField
          label="E-mail"
          type="email"
          autoComplete="username"
          field={register('email', emailRule)}
          error={errors.email?.message}
        />
        <TextField
          label="Password"
          type="password"
          autoComplete="new-password"
          help={newPasswordHelp}
          field={register('password', newPasswordRule)}
          error={errors.password?.message}
        />
        {error !== null && <ErrorNote error={error} />}
        <Button type="submit" colorPalette="signal" loading={isSubmitting}>
          {action}
        </Button>
      </Stack>
    </form>
  );
}
