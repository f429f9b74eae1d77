import { Field, Input } from '@chakra-ui/react';
import type { UseFormRegisterReturn } from 'react-hook-form';

/** A field of a form, as the form registered it, and what is wrong with it. */
export interface Registered {
  field: UseFormRegisterReturn;
  error: string | undefined;
}

interface Props extends Registered {
  label: string;
  type?: 'text' | 'email' | 'password';
  /** What the browser may fill in (HTML, autofill). */
  autoComplete?: string;
  placeholder?: string;
  help?: string;
}

/** A line of text that is asked for, with what is wrong with it. */
export function TextField({ label, type = 'text', autoComplete, placeholder, help, field, error }: Props) {
  return (
    <Field.Root invalid={!!error}>
      <Field.Label>{label}</Field.Label>
      <Input type={type} autoComplete={autoComplete} placeholder={placeholder} {...field} />
      {help && !error && <Field.HelperText>{help}</Field.HelperText>}
      <Field.ErrorText>{error}</Field.ErrorText>
    </Field.Root>
  );
}
