import { Box, Stack, Text } from '@chakra-ui/react';
import { valueAt } from '@sirene/core/base/maps';
import { ruleProblems, type RuleSpec } from '@sirene/core/behaviour';
import { useState } from 'react';
import { OpenLines } from '../publish/OpenLines.tsx';
import { useEditing } from '../state/editing.ts';
import { RuleFieldRow } from './RuleFieldRow.tsx';

/**
 * The controls of a rule, as its kind describes them. What can't be used yet stands where it was typed, with the reason; the rule
 * changes once it can.
 */
export function RuleFields<R extends { type: string }>({
  spec,
  rule,
  onChange,
}: {
  spec: RuleSpec;
  rule: R;
  onChange(rule: R): void;
}) {
  const { widget } = useEditing();
  const [draft, setDraft] = useState<{ of: R; rule: R } | null>(null);
  // A draft is of the rule as it was; undo, or a change elsewhere, is what counts then.
  const shown = draft && JSON.stringify(draft.of) === JSON.stringify(rule) ? draft.rule : rule;
  const problems = shown === rule ? [] : ruleProblems(spec, shown);
  const change = (next: R) => {
    if (ruleProblems(spec, next).length > 0) return setDraft({ of: rule, rule: next });
    setDraft(null);
    onChange(next);
  };
  return (
    <Stack gap="2.5">
      {spec.fields.map((field) => {
        const problem = problems.find(([key]) => key === field.key);
        return (
          <Box key={field.key}>
            <RuleFieldRow
              field={field}
              rule={shown as Readonly<Record<string, unknown>>}
              value={valueAt(shown as Readonly<Record<string, unknown>>, field.key)}
              onChange={(value) => change({ ...shown, [field.key]: value })}
            />
            {problem ? (
              <Text role="alert" color="wine" fontSize="13px" mt="1">
                {field.label} {problem[1]}.
              </Text>
            ) : (
              field.help && (
                <Text color="slate" fontSize="13px" mt="1">
                  {field.help}
                </Text>
              )
            )}
          </Box>
        );
      })}
      {spec.byHand && <OpenLines slug={widget.slug} ways={spec.byHand} />}
    </Stack>
  );
}
