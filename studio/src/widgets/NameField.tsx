import { Field, Input } from '@chakra-ui/react';
import type { UseFormRegisterReturn } from 'react-hook-form';

/** What a widget's name has to be. */
export const nameRule = {
  validate: (name: string) => name.trim() !== '' || 'Give it a name that says what it is for',
  maxLength: { value: 120, message: 'At most 120 characters' },
};

/** Asks for a widget's name. */
export function NameField({ field, error }: { field: UseFormRegisterReturn; error: string | undefined }) {
  return (
    <Field.Root invalid={!!error}>
      <Field.Label>Name</Field.Label>
      <Input placeholder="Says what it is for, such as Winter shows" {...field} />
      <Field.ErrorText>{error}</Field.ErrorText>
    </Field.Root>
  );
}
