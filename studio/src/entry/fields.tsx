import { TextField, type Registered } from '../shared/TextField.tsx';
import { leastPassword } from './rules.ts';

/** The address that somebody signs in with. */
export function EmailField(registered: Registered) {
  return <TextField label="E-mail" type="email" autoComplete="username" {...registered} />;
}

/** The password that somebody has. */
export function PasswordField({ label = 'Password', ...registered }: Registered & { label?: string }) {
  return <TextField label={label} type="password" autoComplete="current-password" {...registered} />;
}

/** A password that somebody makes up. */
export function NewPasswordField({ label = 'Password', ...registered }: Registered & { label?: string }) {
  return (
    <TextField
      label={label}
      type="password"
      autoComplete="new-password"
      help={`At least ${leastPassword} characters. A sentence is a good one.`}
      {...registered}
    />
  );
}
