import { Box, Field, Textarea } from '@chakra-ui/react';
import { useState } from 'react';

interface Props {
  label: string;
  help: string;
  value: readonly string[];
  /** Says what is wrong with an entry, or null. */
  problem?: (entry: string) => string | null;
  onChange(value: string[]): void;
}

/** A list of short texts, one a line. Entries that can't be used are named and not taken. */
export function PatternList({ label, help, value, problem = () => null, onChange }: Props) {
  const [text, setText] = useState(value.join('\n'));
  const entries = (of: string) => [...new Set(of.split('\n').map((line) => line.trim()))].filter(Boolean);
  const faults = entries(text).flatMap((entry) => {
    const reason = problem(entry);
    return reason ? [`${entry}: ${reason}`] : [];
  });
  const type = (next: string) => {
    setText(next);
    onChange(entries(next).filter((entry) => problem(entry) === null));
  };
  return (
    <Field.Root invalid={faults.length > 0}>
      <Field.Label>{label}</Field.Label>
      <Textarea
        size="sm"
        rows={3}
        fontFamily="mono"
        fontSize="13px"
        value={text}
        onChange={(event) => type(event.target.value)}
      />
      {faults.length > 0 ? (
        <Field.ErrorText>
          <Box>{faults.join('; ')}</Box>
        </Field.ErrorText>
      ) : (
        <Field.HelperText>{help}</Field.HelperText>
      )}
    </Field.Root>
  );
}
