import { Field, Input, Stack, Switch, Text } from '@chakra-ui/react';
import { safeAddress } from '@sirene/core/base/sanitise';
import type { WidgetDocument } from '@sirene/core/document/widget';
import { useState } from 'react';
import { Choice } from '../../shared/Choice.tsx';
import { Row } from '../../shared/Row.tsx';
import { NamedControl } from './NamedControl.tsx';
import { useDocument, useEditing } from '../state/editing.ts';

type Visitor = WidgetDocument['afterwards']['visitor'];

/** What the visitor sees once the form has been sent. */
export function VisitorControls() {
  const { session } = useEditing();
  const { visitor } = useDocument().afterwards;
  const set = (value: Visitor) =>
    session.apply({ type: 'set', path: ['afterwards', 'visitor'], value }, 'visitor');
  const choose = (type: string) =>
    set(
      type === 'page'
        ? { type, address: '' }
        : type === 'widget'
          ? { type, opens: '' }
          : { type: type as 'scene' | 'close' },
    );
  return (
    <Stack gap="3">
      <Row label="After submitting">
        {(id) => (
          <Choice
            id={id}
            value={visitor.type}
            options={{
              scene: 'Show thank-you message',
              page: 'Open page',
              widget: 'Open another widget',
              close: 'Close widget',
            }}
            onChange={choose}
          />
        )}
      </Row>
      {visitor.type === 'scene' && (
        <Text color="slate" fontSize="13px">
          Its texts can name answers by their field name, such as {'{{name}}'}.
        </Text>
      )}
      {visitor.type === 'page' && (
        <>
          <AddressField value={visitor.address} onChange={(address) => set({ ...visitor, address })} />
          <Switch.Root
            size="sm"
            checked={visitor.values === true}
            onCheckedChange={({ checked }) => {
              const { values: _, ...rest } = visitor;
              set(checked ? { ...rest, values: true } : rest);
            }}
          >
            <Switch.HiddenInput />
            <Switch.Control />
            <Switch.Label>Pass the answers on as URL parameters</Switch.Label>
          </Switch.Root>
        </>
      )}
      {visitor.type === 'widget' && (
        <NamedControl
          field={{
            ...{ key: 'opens', control: 'named', of: 'widgets', max: 120 },
            ...{ label: 'Widget', help: 'Its address name, as under Placement.' },
          }}
          value={visitor.opens}
          onChange={(opens) => set({ type: 'widget', opens: opens.trim() })}
        />
      )}
    </Stack>
  );
}

function AddressField({ value, onChange }: { value: string; onChange(address: string): void }) {
  const [text, setText] = useState(value);
  const bad = text.trim() !== '' && safeAddress(text, 'page') === null;
  const type = (next: string) => {
    setText(next);
    if (next.trim() === '' || safeAddress(next, 'page') !== null) onChange(next.trim());
  };
  return (
    <Field.Root invalid={bad}>
      <Field.Label>Page URL</Field.Label>
      <Input
        size="sm"
        placeholder="/thanks or https://…"
        value={text}
        onChange={(event) => type(event.target.value)}
      />
      <Field.ErrorText>Use a path, or a URL that starts with https://</Field.ErrorText>
    </Field.Root>
  );
}
