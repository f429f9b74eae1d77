import { Checkbox, Flex, Input, Textarea } from '@chakra-ui/react';
import type { RuleField } from '@sirene/core/behaviour';
import { valueAt } from '@sirene/core/base/maps';
import { useState } from 'react';
import { Choice } from '../../shared/Choice.tsx';
import { Row } from '../../shared/Row.tsx';
import { NumberRow } from '../inspector/NumberRow.tsx';
import { useFormFields } from '../state/form-fields.ts';
import { PageChoice } from './PageChoice.tsx';
import { WidgetChoice } from './WidgetChoice.tsx';

interface Props {
  field: RuleField;
  /** The whole rule, for parts that depend on others. */
  rule: Readonly<Record<string, unknown>>;
  value: unknown;
  onChange(value: unknown): void;
}

/** The control of one part of a rule, by what its kind says that it is. */
export function RuleFieldRow({ field, rule, value, onChange }: Props) {
  const formFields = useFormFields();
  const { label } = field;
  if ('unit' in field) {
    const { share, min, max, unit } = field;
    const whole = share ? 100 : 1;
    const shown = share ? Math.round(Number(value) * whole) : Number(value);
    return (
      <NumberRow {...{ label, unit, min, max }} value={shown} onChange={(next) => onChange(next / whole)} />
    );
  }
  if ('several' in field)
    return <Several label={label} options={field.several} value={value as unknown[]} onChange={onChange} />;
  if ('list' in field) return <Lines label={label} value={value as string[]} onChange={onChange} />;
  if ('pages' in field) return <PageChoice label={label} value={value as string[]} onChange={onChange} />;
  return (
    <Row label={label}>
      {(id) => {
        const text = String(value ?? '');
        if ('choice' in field)
          return <Choice id={id} value={text} options={field.choice} onChange={onChange} />;
        if ('field' in field)
          return (
            <Choice
              id={id}
              value={text}
              unset={text || 'Choose a field'}
              options={Object.fromEntries(formFields.map(({ key, label: name }) => [key, name || key]))}
              onChange={onChange}
            />
          );
        if ('widget' in field) return <WidgetChoice id={id} value={text} onChange={onChange} />;
        const options =
          'optionsOf' in field && field.optionsOf !== undefined
            ? formFields.find(({ key }) => key === valueAt(rule, field.optionsOf ?? ''))?.options
            : undefined;
        const input = (
          <Input
            id={id}
            size="xs"
            bg="sheet"
            {...(options && { list: `${id}-options` })}
            {...('time' in field ? { type: 'time', maxW: '120px' } : {})}
            {...('selector' in field ? { fontFamily: 'mono', maxLength: 300, placeholder: '#prices' } : {})}
            {...('text' in field ? { maxLength: field.text } : {})}
            value={text}
            onChange={(event) => onChange(event.target.value)}
          />
        );
        return options ? (
          <>
            {input}
            <datalist id={`${id}-options`}>
              {options.map((option) => (
                <option key={option} value={option} />
              ))}
            </datalist>
          </>
        ) : (
          input
        );
      }}
    </Row>
  );
}

/** Some of several, at least one; numbers stay numbers. */
function Several({
  label,
  options,
  value,
  onChange,
}: {
  label: string;
  options: Readonly<Record<string, string>>;
  value: readonly unknown[];
  onChange(value: unknown[]): void;
}) {
  const isOn = (option: string) => value.some((one) => String(one) === option);
  const typed = (option: string) => (typeof value[0] === 'number' ? Number(option) : option);
  return (
    <Flex role="group" aria-label={label} gap="1" wrap="wrap">
      {Object.entries(options).map(([option, name]) => (
        <Checkbox.Root
          key={option}
          size="sm"
          checked={isOn(option)}
          disabled={isOn(option) && value.length === 1}
          borderWidth="1px"
          rounded="sm"
          px="2"
          minH="28px"
          bg={isOn(option) ? 'wash' : 'sheet'}
          onCheckedChange={() =>
            onChange(
              Object.keys(options)
                .filter((one) => (one === option) !== isOn(one))
                .map(typed),
            )
          }
        >
          <Checkbox.HiddenInput />
          <Checkbox.Control />
          <Checkbox.Label fontWeight="400">{name}</Checkbox.Label>
        </Checkbox.Root>
      ))}
    </Flex>
  );
}

/** Texts, one a line. What is typed stays as it is typed; the list has no empty lines and none twice. */
function Lines({
  label,
  value,
  onChange,
}: {
  label: string;
  value: readonly string[];
  onChange(value: string[]): void;
}) {
  const [text, setText] = useState(value.join('\n'));
  const entries = (of: string) => [...new Set(of.split('\n').map((line) => line.trim()))].filter(Boolean);
  const shown = entries(text).join('\n') === value.join('\n') ? text : value.join('\n');
  return (
    <Row label={label} above>
      {(id) => (
        <Textarea
          id={id}
          size="sm"
          rows={2}
          autoresize
          maxH="140px"
          fontFamily="mono"
          fontSize="13px"
          bg="sheet"
          value={shown}
          onChange={(event) => {
            setText(event.target.value);
            onChange(entries(event.target.value));
          }}
        />
      )}
    </Row>
  );
}
