import { useForm } from 'react-hook-form';
import { TextField } from '../shared/TextField.tsx';
import { EntryForm } from './EntryForm.tsx';
import { EmailField, NewPasswordField } from './fields.tsx';
import { emailRule, nameRule, newPasswordRule } from './rules.ts';

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
  onCreate(account: NewAccount): Promise<unknown>;
}

/** What a new account is made of. */
export function AccountForm({ code = false, action, error, onCreate }: Props) {
  const { register, handleSubmit, formState } = useForm<NewAccount>({ shouldUnregister: true });
  const { errors, isSubmitting } = formState;
  return (
    <EntryForm action={action} busy={isSubmitting} error={error} onSubmit={handleSubmit(onCreate)}>
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
      <EmailField field={register('email', emailRule)} error={errors.email?.message} />
      <NewPasswordField field={register('password', newPasswordRule)} error={errors.password?.message} />
    </EntryForm>
  );
}
