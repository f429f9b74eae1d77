import { signup } from '../../testing/documents.js';
import { applyOperation, renameKey, validateDocument, type WidgetDocument } from './index.js';

const answer = (field: string) => ({ type: 'answer' as const, field, how: 'filled' as const, value: '' });

const document = (): WidgetDocument => {
  const base = signup();
  return {
    ...base,
    elements: {
      ...base.elements,
      email: {
        ...base.elements['email'],
        when: { all: [answer('name'), { none: [answer('other')] }] },
        valid: 'email <> name',
      } as never,
      sum: {
        type: 'calculation',
        key: 'sum',
        label: 'Sum',
        formula: 'name * 2 + name-2 + if(other = "name", 1, name)',
        locale: 'en',
      },
      form: {
        ...base.elements['form'],
        children: [...(base.elements['form'] as { children: string[] }).children, 'sum'],
      } as never,
    },
    afterwards: {
      ...base.afterwards,
      actions: [
        {
          type: 'notify',
          recipients: ['desk@place.example'],
          subject: 'From {{ name }} and {{name-2}}',
          when: answer('name'),
        },
      ],
    },
  };
};

test('what refers to a field by its name goes along when it gets another', () => {
  const before = document();
  const { document: after, inverse } = applyOperation(before, renameKey(before, 'name', 'who'));
  expect(after.elements['name']).toMatchObject({ key: 'who' });
  expect(after.elements['email']).toMatchObject({
    when: { all: [{ field: 'who' }, { none: [{ field: 'other' }] }] },
    valid: 'email <> who',
  });
  expect(after.elements['sum']).toMatchObject({
    formula: 'who * 2 + name-2 + if(other = "name", 1, who)',
  });
  expect(after.afterwards.actions[0]).toMatchObject({
    subject: 'From {{who}} and {{name-2}}',
    when: { field: 'who' },
  });
  expect(validateDocument(after)).toMatchObject({ ok: true });
  expect(applyOperation(after, inverse).document).toEqual(before);
});

test('where nothing refers to it, its name alone is changed', () => {
  const base = signup();
  expect(renameKey(base, 'name', 'who')).toEqual({
    type: 'set',
    path: ['elements', 'name', 'key'],
    value: 'who',
  });
});
