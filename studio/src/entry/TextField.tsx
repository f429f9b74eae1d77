import { Field, Input } from '@chakra-ui/react';
import type { UseFormRegisterReturn } from 'react-hook-form';

interface Props {
  label: string;
  type?: 'text' | 'email' | 'password';
  /** What the browser may fill in (HTML, autofill). */
  autoComplete: string;
  help?: string;
  field: UseFormRegisterReturn;
  error: string | undefined;
}

/** A field of an entry form, with what is wrong with it. */
export function TextField({ label, type = 'text', autoComplete, help, field, error }: Props) {
  return (
    <Field.Root invalid={!!error}>
      <Field.Label>{label}</Field.Label>
      <Input type={type} autoComplete={autoComplete} {...field} />
      {help && !error && <Field.HelperText>{help}</Field.HelperText>}
      <Field.ErrorText>{error}</Field.ErrorText>
    </Field.Root>
  );
}
