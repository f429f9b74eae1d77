import { Button, Field, Flex, Input, Menu, Portal, Text, Textarea } from '@chakra-ui/react';
import { namesIn, wordNames, type ActionField } from '@sirene/core/actions';
import { Plus } from 'lucide-react';
import { useRef } from 'react';
import { useFormFields } from '../state/form-fields.ts';

interface Props {
  field: ActionField & { control: 'line' | 'text' };
  value: string;
  onChange(value: string): void;
}

/** A line or a text with answers in it: each is put in where the caret stands, from a menu of what there is. */
export function WordsField({ field, value, onChange }: Props) {
  const fields = useFormFields();
  const input = useRef<HTMLInputElement & HTMLTextAreaElement>(null);
  const known = [
    ...fields.map(({ key, label }): [string, string] => [key, label || key]),
    ...Object.entries(wordNames),
  ];
  const strange = namesIn(value).filter((name) => !known.some(([key]) => key === name));
  const put = (name: string) => {
    const from = input.current?.selectionStart ?? value.length;
    const to = input.current?.selectionEnd ?? from;
    const word = `{{${name}}}`;
    onChange((value.slice(0, from) + word + value.slice(to)).slice(0, field.max));
    requestAnimationFrame(() => {
      input.current?.focus();
      input.current?.setSelectionRange(from + word.length, from + word.length);
    });
  };
  const shared = {
    ref: input,
    size: 'sm' as const,
    maxLength: field.max,
    value,
    onChange: (event: { target: { value: string } }) => onChange(event.target.value),
  };
  return (
    <Field.Root invalid={strange.length > 0}>
      <Flex justify="space-between" align="end" w="full">
        <Field.Label>{field.label}</Field.Label>
        <Menu.Root
          lazyMount
          unmountOnExit
          positioning={{ placement: 'bottom-end' }}
          onSelect={({ value: name }) => put(name)}
        >
          <Menu.Trigger asChild>
            <Button size="2xs" variant="ghost" colorPalette="plain" aria-label={`Insert into ${field.label}`}>
              <Plus size={12} aria-hidden />
              Insert
            </Button>
          </Menu.Trigger>
          <Portal>
            <Menu.Positioner>
              <Menu.Content maxH="280px" overflow="auto">
                {known.map(([name, label]) => (
                  <Menu.Item key={name} value={name}>
                    {label}
                    <Text as="span" color="slate" ml="auto" pl="4" fontFamily="mono" fontSize="12px">
                      {name}
                    </Text>
                  </Menu.Item>
                ))}
              </Menu.Content>
            </Menu.Positioner>
          </Portal>
        </Menu.Root>
      </Flex>
      {field.control === 'text' ? (
        <Textarea rows={4} autoresize maxH="220px" {...shared} />
      ) : (
        <Input {...shared} />
      )}
      {strange.length > 0 ? (
        <Field.ErrorText>
          {strange.map((name) => `{{${name}}}`).join(', ')} stands for nothing in this form, and is left out.
        </Field.ErrorText>
      ) : (
        field.help && <Field.HelperText>{field.help}</Field.HelperText>
      )}
    </Field.Root>
  );
}
