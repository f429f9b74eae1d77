import { Box, Button, Field, Flex, IconButton, Input, Stack, Text } from '@chakra-ui/react';
import {
  actionSpecs,
  isMailAddress,
  specOfAction,
  toldBy,
  type Action,
  type ActionField,
} from '@sirene/core/actions';
import { valueAt } from '@sirene/core/base/maps';
import { formFields } from '@sirene/core/document/widget';
import type { FormTree } from '@sirene/core/form';
import { ChevronDown, ChevronRight, Trash2 } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import { Choice } from '../../shared/Choice.tsx';
import { CurrencySelect } from '../../shared/CurrencySelect.tsx';
import { keepFocus } from '../../shared/keep-focus.ts';
import { AnswersControl } from '../inspector/property/AnswersControl.tsx';
import { useDocument, useEditing } from '../state/editing.ts';
import { FormFieldsContext } from '../state/form-fields.ts';
import { PatternList } from '../../shared/PatternList.tsx';
import { AddRule } from './AddRule.tsx';
import { FormOfAction } from './FormOfAction.tsx';
import { NamedControl } from './NamedControl.tsx';
import { TryAction } from './TryAction.tsx';
import { WordsField } from './WordsField.tsx';

const mailProblem = (address: string): string | null =>
  isMailAddress(address) ? null : 'is not an e-mail address';

const words = (action: Action): string => {
  const told = toldBy(action);
  const label = specOfAction(action)?.label ?? action.type;
  return told.length > 0 ? `${label}: ${told.join(', ')}` : label;
};

/** What follows a submission: each action unfolds to its controls and the answers on which it depends. */
export function ActionList() {
  const { session } = useEditing();
  const { name, afterwards, elements } = useDocument();
  const list = useRef<HTMLDivElement>(null);
  // Without any, the one that nearly all want stands there to be filled in.
  const isNone = afterwards.actions.length === 0;
  const actions = isNone ? [actionSpecs[0].create(name) as Action] : afterwards.actions;
  const [opened, setOpened] = useState(actions.length === 1 ? 0 : -1);
  const fields = useMemo(() => {
    const forms = Object.entries(elements).filter(([, { type }]) => type === 'form');
    return forms.flatMap(([id]) => formFields(elements, id));
  }, [elements]);
  const set = (next: Action[]) =>
    session.apply({ type: 'set', path: ['afterwards', 'actions'], value: next }, 'actions');
  return (
    <FormFieldsContext value={fields}>
      <Stack ref={list} gap="2" maxH="52vh" overflow="auto" tabIndex={-1} outline="none">
        {actions.map((action, at) => (
          <Box key={at} borderWidth="1px" rounded="sm" bg="sheet">
            <Flex align="center" pr="1">
              <Button
                variant="plain"
                size="sm"
                flex="1"
                minW="0"
                h="auto"
                minH="34px"
                py="1.5"
                justifyContent="start"
                textAlign="start"
                whiteSpace="normal"
                aria-expanded={opened === at}
                onClick={() => setOpened(opened === at ? -1 : at)}
              >
                {opened === at ? (
                  <ChevronDown size={13} aria-hidden />
                ) : (
                  <ChevronRight size={13} aria-hidden />
                )}
                <Text as="span" minW="0" overflowWrap="anywhere">
                  {words(action)}
                </Text>
              </Button>
              {!isNone && (
                <IconButton
                  size="2xs"
                  variant="ghost"
                  colorPalette="plain"
                  aria-label={`Remove: ${words(action)}`}
                  onClick={() => {
                    set(actions.toSpliced(at, 1));
                    setOpened(-1);
                    keepFocus(list.current);
                  }}
                >
                  <Trash2 size={13} aria-hidden />
                </IconButton>
              )}
            </Flex>
            {opened === at && (
              <Box px="3" pb="3" pt="1">
                <ActionFields action={action} onChange={(changed) => set(actions.with(at, changed))} />
              </Box>
            )}
          </Box>
        ))}
        <AddRule
          label="Add action"
          offered={actionSpecs.map(({ type, label, create }) => ({
            type,
            label,
            create: () => create(name),
          }))}
          onAdd={(create) => {
            const others = isNone ? [] : actions;
            set([...others, create() as Action]);
            setOpened(others.length);
          }}
        />
      </Stack>
    </FormFieldsContext>
  );
}

function ActionFields({ action, onChange }: { action: Action; onChange(action: Action): void }) {
  const own = action as unknown as Readonly<Record<string, unknown>>;
  const set = (key: string, value: unknown) => {
    const { [key]: _, ...rest } = own;
    onChange((value === undefined ? rest : { ...rest, [key]: value }) as unknown as Action);
  };
  return (
    <Stack gap="4">
      {specOfAction(action)?.fields.map((field) => (
        <FieldOfAction
          key={field.key}
          field={field}
          value={valueAt(own, field.key)}
          onChange={(value) => set(field.key, value)}
        />
      ))}
      <TryAction action={action} />
      <FormOfAction value={action.form} onChange={(form) => set('form', form)} />
      <Stack gap="1.5">
        <Text fontSize="13px" fontWeight="500">
          Only when
        </Text>
        <AnswersControl
          id={`when ${action.type}`}
          property={{ path: ['when'], label: 'Only when', control: 'answers' }}
          value={action.when as FormTree | undefined}
          onChange={(when) => set('when', when)}
        />
      </Stack>
    </Stack>
  );
}

interface FieldProps {
  field: ActionField;
  value: unknown;
  onChange(value: unknown): void;
}

function FieldOfAction({ field, value, onChange }: FieldProps) {
  if (field.control === 'addresses')
    return (
      <PatternList
        label={field.label}
        help={field.help ?? ''}
        value={value as string[]}
        problem={mailProblem}
        onChange={onChange}
      />
    );
  const text = (value as string | undefined) ?? '';
  if ((field.control === 'line' || field.control === 'text') && field.words)
    return <WordsField field={field} value={text} onChange={(next) => onChange(next || undefined)} />;
  if (field.control === 'currency')
    return <CurrencyField label={field.label} value={text} onChange={onChange} />;
  if (field.control === 'choice')
    return (
      <Field.Root>
        <Field.Label>{field.label}</Field.Label>
        <Choice
          label={field.label}
          size="sm"
          value={text || (Object.keys(field.options)[0] as string)}
          options={field.options}
          onChange={onChange}
        />
      </Field.Root>
    );
  if (field.control === 'named') return <NamedControl field={field} value={text} onChange={onChange} />;
  return (
    <Field.Root>
      <Field.Label>{field.label}</Field.Label>
      <Input
        size="sm"
        type={field.control === 'url' ? 'url' : 'text'}
        placeholder={field.control === 'url' ? 'https://…' : undefined}
        maxLength={field.control === 'url' ? 2048 : field.max}
        value={text}
        onChange={(event) => onChange(event.target.value || (field.control === 'url' ? '' : undefined))}
      />
      {field.help && <Field.HelperText>{field.help}</Field.HelperText>}
    </Field.Root>
  );
}

function CurrencyField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange(value: string): void;
}) {
  return (
    <Field.Root>
      <Field.Label>{label}</Field.Label>
      <CurrencySelect value={value || 'EUR'} onChange={onChange} />
    </Field.Root>
  );
}
