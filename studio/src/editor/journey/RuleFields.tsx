import { Input, Stack, Text } from '@chakra-ui/react';
import type { RuleSpec } from '@sirene/core/behaviour';
import { valueAt } from '@sirene/core/base/maps';
import { Row } from '../../shared/Row.tsx';
import { NumberRow } from '../inspector/NumberRow.tsx';
import { OpenLines } from '../publish/OpenLines.tsx';
import { useEditing } from '../state/editing.ts';

/** The controls of a rule, as its kind describes them. */
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
  const numberAt = (key: string) => Number(valueAt(rule as Readonly<Record<string, unknown>>, key));
  return (
    <>
      {spec.fields.map((described) => {
        if ('text' in described) {
          const { key, label, text, help } = described;
          return (
            <Stack key={key} gap="1">
              <Row label={label}>
                {(id) => (
                  <Input
                    id={id}
                    size="xs"
                    bg="sheet"
                    maxLength={text}
                    value={String(valueAt(rule as Readonly<Record<string, unknown>>, key) ?? '')}
                    onChange={(event) => onChange({ ...rule, [key]: event.target.value })}
                  />
                )}
              </Row>
              {help && (
                <Text color="slate" fontSize="13px">
                  {help}
                </Text>
              )}
            </Stack>
          );
        }
        const { key, share, ...field } = described;
        const whole = share ? 100 : 1;
        return (
          <NumberRow
            key={key}
            {...field}
            value={share ? Math.round(numberAt(key) * whole) : numberAt(key)}
            onChange={(value) => onChange({ ...rule, [key]: value / whole })}
          />
        );
      })}
      {spec.openers && <OpenLines slug={widget.slug} />}
    </>
  );
}
