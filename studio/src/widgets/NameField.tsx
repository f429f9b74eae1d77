import { TextField, type Registered } from '../shared/TextField.tsx';

/** What a widget's name has to be. */
export const nameRule = {
  validate: (name: string) => name.trim() !== '' || 'Give it a name that says what it is for',
  maxLength: { value: 120, message: 'At most 120 characters' },
};

/** Asks for a widget's name. */
export function NameField(registered: Registered) {
  return <TextField label="Name" placeholder="Says what it is for, such as Winter shows" {...registered} />;
}
