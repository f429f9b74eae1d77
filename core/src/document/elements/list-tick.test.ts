import { follows } from '../../actions/index.js';
import { checkForm, type FieldRule } from '../../form/index.js';
import { messagesIn } from '../../base/messages/index.js';
import { field } from './field.js';

const asked = { type: 'field', kind: 'email', key: 'email', label: 'E-mail', required: true } as const;
const rules = (element: object): FieldRule[] =>
  field.fieldRules?.({ ...asked, ...element }, 'e1', messagesIn('en'), {}) ?? [];
const list = { type: 'list' };

test('a tick below the address is a consent of its own, which mailing lists go by', () => {
  const form = { fields: rules({ tick: 'Send me the letter' }) };
  const sent = (tick: string) => checkForm(form, { email: 'mira@stone.example', 'email.list': tick });
  expect(sent('Send me the letter').faults).toEqual([]);
  expect(follows(list, sent('Send me the letter').answers, 'form')).toBe(true);
  expect(follows(list, sent('').answers, 'form')).toBe(false);
  expect(follows({ type: 'notify' }, sent('').answers, 'form')).toBe(true);
  expect(sent('Send me everything').faults).toMatchObject([{ key: 'email.list', problem: 'malformed' }]);
});

test('a form without a tick puts whoever sends it on its lists', () => {
  const { answers } = checkForm({ fields: rules({}) }, { email: 'mira@stone.example' });
  expect(follows(list, answers, 'form')).toBe(true);
});
