import { Field, Input, Stack } from '@chakra-ui/react';
import { safeAddress } from '@sirene/core/base/sanitise';
import { isMailAddress, type Action, type WidgetDocument } from '@sirene/core/document/widget';
import { useState } from 'react';
import { Choice } from '../../shared/Choice.tsx';
import { Row } from '../../shared/Row.tsx';
import { useDocument, useEditor } from '../state/editor.tsx';
import { PatternList } from './PatternList.tsx';

type Visitor = WidgetDocument['afterwards']['visitor'];

/** What the visitor sees once the form has been sent. */
export function VisitorControls() {
  const { session } = useEditor();
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

type Notify = Action & { type: 'notify' };

const mailProblem = (address: string): string | null =>
  isMailAddress(address) ? null : 'is not an e-mail address';

/** Who is told of a submission, and under which subject. */
export function RecipientControls() {
  const { session } = useEditor();
  const { name, afterwards } = useDocument();
  const at = afterwards.actions.findIndex(({ type }) => type === 'notify');
  const notify: Notify = afterwards.actions[at] ?? {
    type: 'notify',
    recipients: [],
    subject: `New from ${name}`.slice(0, 200),
  };
  const set = (value: Notify) => {
    const others = afterwards.actions.filter((_, index) => index !== at);
    const actions = value.recipients.length > 0 ? [...others, value] : others;
    session.apply({ type: 'set', path: ['afterwards', 'actions'], value: actions }, 'recipients');
  };
  return (
    <Stack gap="4">
      <PatternList
        label="Recipients"
        help="One address per line. Each gets its own e-mail, retried until it is accepted."
        value={notify.recipients}
        problem={mailProblem}
        onChange={(recipients) => set({ ...notify, recipients })}
      />
      <Field.Root disabled={notify.recipients.length === 0}>
        <Field.Label>Subject</Field.Label>
        <Input
          size="sm"
          maxLength={200}
          value={notify.subject}
          onChange={(event) => event.target.value !== '' && set({ ...notify, subject: event.target.value })}
        />
      </Field.Root>
    </Stack>
  );
}
