import {
  elementDefinitions,
  createElement,
  mayStandIn,
  renderRuns,
  type ElementType,
  type Run,
} from './index.js';

const types = Object.keys(elementDefinitions) as ElementType[];

test.each<[ElementType, ElementType[], boolean]>([
  ['text', ['group'], true],
  ['text', ['form', 'group'], true],
  ['text', [], false],
  ['text', ['text'], false],
  ['field', ['group'], false],
  ['field', ['form', 'group'], true],
  ['field', ['group', 'form', 'group'], true],
  ['form', ['group'], true],
  ['form', ['group', 'form', 'group'], false],
  ['button', ['group'], true],
])('a %s within %j: %p', (type, around, expected) => {
  expect(mayStandIn(type, around)).toBe(expected);
});

test.each(types)(
  '%s: what a new one holds fits its own schema, and every property offered is one of it',
  (type) => {
    const definition = elementDefinitions[type];
    const known = Object.keys(definition.schema.properties);
    for (const key of Object.keys(createElement(type))) expect(known).toContain(key);
    for (const { path } of definition.properties) expect(known).toContain(path[0]);
    expect(definition.type).toBe(type);
    expect(definition.title(createElement(type))).not.toBe('');
    expect(definition.parts[0]).toBe('box');
  },
);

test.each<[string, Run[], string]>([
  ['marks', [{ text: 'a', bold: true, italic: true }], '<em><strong>a</strong></em>'],
  ['a line break', [{ text: 'a\nb' }], 'a<br>b'],
  ['a link', [{ text: 'a', link: '/b?c=1&d=2' }], '<a href="/b?c=1&amp;d=2">a</a>'],
  ['a link that must not be', [{ text: 'a', link: 'javascript:b' }], 'a'],
  ['script', [{ text: '<script>' }], '&lt;script&gt;'],
  ['nothing', [], ''],
])('runs with %s', (_, runs, html) => {
  expect(renderRuns(runs).text).toBe(html);
});
