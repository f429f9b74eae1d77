import { Stack, Text } from '@chakra-ui/react';
import { parseFormula } from '@sirene/core/form';
import { useMemo } from 'react';
import { useFormFields } from '../state/form-fields.ts';
import { CodeControl } from './CodeControl.tsx';
import { formulaExtensions } from './formula-extensions.ts';

interface Props {
  id: string;
  label: string;
  value: string;
  onChange(value: string): void;
}

/** A formula, with the names of the form's fields as one types, and what is wrong with it below. */
export function FormulaControl({ id, label, value, onChange }: Props) {
  const fields = useFormFields();
  const types = useMemo(() => Object.fromEntries(fields.map(({ key, gives }) => [key, gives])), [fields]);
  const extensions = useMemo(() => formulaExtensions(fields, types), [fields, types]);
  const formula = parseFormula(value, types);
  const example = fields.find(({ gives }) => gives === 'number')?.key ?? 'children';
  return (
    <Stack gap="1">
      <CodeControl
        {...{ id, label, value, extensions }}
        height="64px"
        lineNumbers={false}
        onChange={onChange}
      />
      {value.trim() === '' ? (
        <Text color="slate" fontSize="12px">
          Such as {example} × 4.5, or if({example} {'>'} 40, 3.5, 4) × {example}.
        </Text>
      ) : (
        !formula.ok && (
          <Text role="alert" color="wine" fontSize="12px">
            The formula {formula.reason}.
          </Text>
        )
      )}
    </Stack>
  );
}
