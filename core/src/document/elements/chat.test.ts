import { compileWidget } from '../../compile/index.js';
import { buildWidget } from '../../library/sketch/index.js';
import { plainBrand } from '../../style/index.js';
import { validateDocument, type WidgetDocument } from '../widget/index.js';
import { chat, chatRuleOf } from './chat.js';

type Chat = Parameters<typeof chat.title>[0];
const element = (more: Partial<Chat>) => ({ ...(chat.create() as unknown as Chat), ...more });
const withChat = (more: Partial<Chat>): WidgetDocument =>
  buildWidget({
    ...{ name: 'Desk', kind: 'chat', placement: { type: 'launcher', at: 'bottom-right' } },
    opening: [{ ...element(more), id: 'chat' } as never],
  });
const compiled = (more: Partial<Chat>) => {
  const document = withChat(more);
  expect(validateDocument(document)).toMatchObject({ ok: true });
  return JSON.stringify(compileWidget(document, plainBrand)).replaceAll('\\"', '"');
};

test('a banner stands above the head, and only where there is one', () => {
  expect(compiled({ banner: 'https://moor.example/sky.png' })).toMatch(
    /<img class="banner" src="https:\/\/moor\.example\/sky\.png" alt=""\/?><div class="head">/,
  );
  expect(compiled({})).not.toContain('<img class="banner"');
});

test.each(['dots', 'grid', 'stripes', 'rings'] as const)(
  '%s are drawn behind the messages, faintly',
  (pattern) => expect(compiled({ pattern })).toMatch(/\.log\s?{[^}]*gradient\([^}]*color-mix\(/),
);

test('without a pattern nothing is', () => expect(compiled({})).not.toContain('gradient('));

const topics = [{ label: 'Topic', options: 'Order, Return', optional: false }];
const route = (more: object) => ({ answer: '', page: '', to: 'ada@moor.example', ...more });
test.each([
  [route({ answer: 'return ' }), []],
  [route({ page: '/shop/*' }), []],
  [route({ answer: 'Return', to: 'Ada' }), ['A topic or page has no operator: there is no e-mail address']],
  [route({}), ['An operator by topic or page has neither']],
  [route({ answer: 'Parking' }), ['No question before the chat can be answered with “Parking”']],
])('the check tells of %j', (one, texts) => {
  const found = chat.lacks?.(element({ questions: topics, routes: [one] })) ?? [];
  expect(found.map(({ text }) => text)).toEqual(texts);
});

test('what is entered freely can be any answer', () =>
  expect(
    chat.lacks?.(
      element({
        questions: [...topics, { label: 'Else', options: '', optional: true }],
        routes: [route({ answer: 'Parking' })],
      }),
    ),
  ).toEqual([]));

test('operators are read without capitals and spaces; without any all answer', () => {
  const rule = (more: Partial<Chat>) => chatRuleOf(withChat(more).elements);
  expect(rule({ operators: ' Ada@moor.example , bea@moor.example,' })?.operators).toEqual([
    'ada@moor.example',
    'bea@moor.example',
  ]);
  expect(rule({})).toMatchObject({ operators: [], routes: [] });
});
