import { Field, Input, Stack } from '@chakra-ui/react';
import { safeAddress } from '@sirene/core/base/sanitise';
import { actionSpecs, isMailAddress, type ActionSpec } from '@sirene/core/actions';
import { valueAt } from '@sirene/core/base/maps';
import type { WidgetDocument } from '@sirene/core/document/widget';
import { useState } from 'react';
import { Choice } from '../../shared/Choice.tsx';
import { Row } from '../../shared/Row.tsx';
import { useDocument, useEditing } from '../state/editing.ts';
import { PatternList } from './PatternList.tsx';

type Visitor = WidgetDocument['afterwards']['visitor'];

/** What the visitor sees once the form has been sent. */
export function VisitorControls() {
  const { session } = useEditing();
  const { visitor } = useDocument().afterwards;
  const set = (value: Visitor) =>
    session.apply({ type: 'set', path: ['afterwards', 'visitor'], value }, 'visitor');
  const choose = (type: string) =>
    set(type === 'page' ? { type, address: '' } : { type: type as 'scene' | 'close' });
  return (
    <Stack gap="3">
      <Row label="After submitting">
        {(id) => (
          <Choice
            id={id}
            value={visitor.type}
            options={{ scene: 'Show thank-you message', page: 'Open page', close: 'Close widget' }}
            onChange={choose}
          />
        )}
      </Row>
      {visitor.type === 'page' && (
        <AddressField value={visitor.address} onChange={(address) => set({ type: 'page', address })} />
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

const mailProblem = (address: string): string | null =>
  isMailAddress(address) ? null : 'is not an e-mail address';

/** What follows a submission, kind by kind: who is told, and how. */
export function RecipientControls() {
  return (
    <Stack gap="6">
      {actionSpecs.map((spec) => (
        <ActionControls key={spec.type} spec={spec} />
      ))}
    </Stack>
  );
}

function ActionControls({ spec }: { spec: ActionSpec }) {
  const { session } = useEditing();
  const { name, afterwards } = useDocument();
  const at = afterwards.actions.findIndex(({ type }) => type === spec.type);
  const action = (afterwards.actions[at] ?? spec.create(name)) as Readonly<Record<string, unknown>>;
  const isTelling = spec.told(action as never).length > 0;
  const set = (key: string, value: unknown) => {
    const next = { ...action, [key]: value };
    const others = afterwards.actions.filter((_, index) => index !== at);
    const actions = spec.told(next as never).length > 0 ? [...others, next] : others;
    session.apply({ type: 'set', path: ['afterwards', 'actions'], value: actions }, spec.type);
  };
  return (
    <Stack gap="4">
      {spec.fields.map((field) =>
        field.control === 'addresses' ? (
          <PatternList
            key={field.key}
            label={field.label}
            help={field.help ?? ''}
            value={valueAt(action, field.key) as string[]}
            problem={mailProblem}
            onChange={(addresses) => set(field.key, addresses)}
          />
        ) : (
          <Field.Root key={field.key} disabled={!isTelling}>
            <Field.Label>{field.label}</Field.Label>
            <Input
              size="sm"
              maxLength={field.max}
              value={valueAt(action, field.key) as string}
              onChange={(event) => event.target.value !== '' && set(field.key, event.target.value)}
            />
          </Field.Root>
        ),
      )}
    </Stack>
  );
}
