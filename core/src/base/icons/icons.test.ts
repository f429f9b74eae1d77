import { iconHtml, iconNames } from './index.js';

test('the library has icons for what widgets are made for', () => {
  expect(iconNames.length).toBeGreaterThan(120);
  for (const name of [
    'mail',
    'phone',
    'calendar',
    'gift',
    'shopping-basket',
    'heart',
    'check',
    'arrow-right',
  ])
    expect(iconNames).toContain(name);
});

test.each(iconNames)('%s is a drawing without anything that could run', (name) => {
  const text = iconHtml(name, 'mark')?.text ?? '';
  expect(text).toMatch(/^<svg class="mark" viewBox="0 0 24 24" fill="none" stroke="currentColor"/);
  expect(text).toContain('aria-hidden="true"');
  expect(text).not.toMatch(/<(script|style|use|image)|on\w+=|href/);
});

test.each(['nothing', 'constructor', '__proto__', ''])('“%s” is none', (name) => {
  expect(iconHtml(name, 'mark')).toBeNull();
});
