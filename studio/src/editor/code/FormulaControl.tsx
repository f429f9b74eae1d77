import { Stack, Text } from '@chakra-ui/react';
import { formulaFields } from '@sirene/core/document/widget';
import { parseFormula } from '@sirene/core/form';
import { useMemo } from 'react';
import { useFormFields } from '../state/form-fields.ts';
import { CodeControl } from './CodeControl.tsx';
import { formulaExtensions } from './formula-extensions.ts';

interface Props {
  id: string;
  label: string;
  value: string;
  /** Whether it says if something is so, instead of a number. */
  isComparison?: boolean;
  onChange(value: string): void;
}

/** A formula or a comparison, with the names of the form's fields as one types, and what is wrong with it below. */
export function FormulaControl({ id, label, value, isComparison = false, onChange }: Props) {
  const wants = isComparison ? 'truth' : 'number';
  const fields = useFormFields(isComparison);
  const types = useMemo(() => formulaFields(fields), [fields]);
  const extensions = useMemo(() => formulaExtensions(fields, types, wants), [fields, types, wants]);
  const formula = parseFormula(value, types, wants);
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
          {isComparison
            ? `Such as ${example} >= 5. What is said otherwise is the message when invalid.`
            : `Such as ${example} × 4.5, or if(${example} > 40, 3.5, 4) × ${example}.`}
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
