import { Box, Input, Stack, Switch, Text, Textarea } from '@chakra-ui/react';
import {
  definitionOf,
  plainText,
  toRuns,
  type Element,
  type InspectorProperty,
  type Run,
} from '@sirene/core/elements';
import { readPath } from '@sirene/core/widget';
import { memo } from 'react';
import { useEditor, useSettledDocument, useValueAt } from '../state/editor.tsx';
import { Choice } from './controls.tsx';
import { Row } from './Row.tsx';
import { Section } from './Section.tsx';

/** What an element says and does, as its definition describes it. */
export function ElementProperties({ id }: { id: string }) {
  const element = useSettledDocument().elements[id] as Element;
  const { properties } = definitionOf(element);
  const rare = properties.filter((property) => property.rare);
  const set = rare.filter(({ path }) => readPath(element, path) !== undefined).length;
  return (
    <>
      <Section title="Content">
        {properties
          .filter((property) => !property.rare)
          .map((property) => (
            <PropertyRow key={property.path.join('.')} id={id} property={property} />
          ))}
        {properties.length === 0 && <Text color="slate">It only holds others.</Text>}
      </Section>
      {rare.length > 0 && (
        <Section title="More" open={false} count={set}>
          {rare.map((property) => (
            <PropertyRow key={property.path.join('.')} id={id} property={property} />
          ))}
        </Section>
      )}
    </>
  );
}

// Drawn again only when its own value changes.
const PropertyRow = memo(function PropertyRow({ id, property }: { id: string; property: InspectorProperty }) {
  const { session } = useEditor();
  const value = useValueAt(['elements', id, ...property.path]);
  const set = (next: unknown) => {
    const path = ['elements', id, ...property.path];
    session.apply({ type: 'set', path, value: next }, path.join('.'));
  };
  return (
    <Box>
      <Row label={property.label}>
        {(control) => <PropertyControl id={control} property={property} value={value} onChange={set} />}
      </Row>
      {property.help && (
        <Text ms="100px" mt="1" fontSize="12px" color="slate">
          {property.help}
        </Text>
      )}
    </Box>
  );
});

interface ControlProps {
  id: string;
  property: InspectorProperty;
  value: unknown;
  onChange(value: unknown): void;
}

function PropertyControl({ id, property, value, onChange }: ControlProps) {
  switch (property.control) {
    case 'line':
      return (
        <Input
          id={id}
          size="xs"
          value={String(value ?? '')}
          onChange={(event) => onChange(event.target.value || undefinedIfOptional(property))}
        />
      );
    case 'lines':
      return (
        <Textarea
          id={id}
          size="xs"
          rows={2}
          value={String(value ?? '')}
          onChange={(event) => onChange(event.target.value || undefined)}
        />
      );
    case 'rich':
      return (
        <Textarea
          id={id}
          size="xs"
          autoresize
          value={plainText((value ?? []) as Run[])}
          onChange={(event) => onChange(toRuns(event.target.value))}
        />
      );
    case 'toggle':
      return (
        <Switch.Root
          size="sm"
          ids={{ hiddenInput: id }}
          checked={value === true}
          onCheckedChange={({ checked }) => onChange(checked)}
        >
          <Switch.HiddenInput />
          <Switch.Control />
        </Switch.Root>
      );
    case 'number':
      return (
        <Input
          id={id}
          type="number"
          size="xs"
          value={String(value ?? '')}
          onChange={(event) => onChange(Number(event.target.value))}
        />
      );
    case 'choice':
      return (
        <Choice
          id={id}
          value={String(value ?? '')}
          options={property.options ?? {}}
          onChange={(next) => onChange(typeof value === 'number' ? Number(next) : next)}
        />
      );
    case 'action':
      return <ActionControl id={id} value={value as ButtonAction} onChange={onChange} />;
  }
}

// A label is always there, if empty; a hint that is empty is none.
const undefinedIfOptional = ({ path }: InspectorProperty): string | undefined =>
  path[0] === 'label' || path[0] === 'key' ? '' : undefined;

type ButtonAction = (Element & { type: 'button' })['action'];

function ActionControl({
  id,
  value,
  onChange,
}: {
  id: string;
  value: ButtonAction;
  onChange(value: ButtonAction): void;
}) {
  const choose = (type: string) =>
    onChange(type === 'link' ? { type, address: '' } : { type: type as 'submit' | 'close' });
  return (
    <Stack gap="1.5">
      <Choice
        id={id}
        value={value.type}
        options={{ submit: 'Sends the form', close: 'Closes the widget', link: 'Opens a page' }}
        onChange={choose}
      />
      {value.type === 'link' && (
        <Input
          size="xs"
          aria-label="Address of the page"
          placeholder="/shop or https://…"
          value={value.address}
          onChange={(event) => onChange({ type: 'link', address: event.target.value })}
        />
      )}
    </Stack>
  );
}
