import { expect, type Page } from '@playwright/test';
import fc from 'fast-check';
import { signIn, studio } from './helpers.ts';
import { test } from '../studio-test.ts';

type Values = Record<string, number | string>;
type Sheet = Record<string, Record<string, Values>>;

/** Properties that reach the page as they are written, by the name the browser computes them under. */
const computed: Record<string, string> = {
  radius: 'border-top-left-radius',
  fontSize: 'font-size',
  padding: 'padding-top',
};
const tokens: Record<string, number> = { '{size.small}': 13, '{space.4}': 17 };

const size = fc.integer({ min: 10, max: 30 });
const anyValues = fc.record(
  {
    radius: size,
    fontSize: fc.oneof(size, fc.constant('{size.small}')),
    padding: fc.oneof(size, fc.constant('{space.4}')),
  },
  { requiredKeys: [] },
) as fc.Arbitrary<Values>;
const conditions = [
  'base',
  'medium',
  'small',
  'hover',
  'focus',
  'small hover',
  'medium hover',
  'small focus',
];
const sheet = (...parts: string[]): fc.Arbitrary<Sheet> =>
  fc.dictionary(
    fc.constantFrom(...parts),
    fc.dictionary(fc.constantFrom(...conditions), anyValues, { minKeys: 1, maxKeys: 5 }),
    { minKeys: 1 },
  );
const levels = (...parts: string[]) =>
  fc.record({ element: sheet(...parts), widget: sheet(...parts), look: sheet(...parts) });

/** A button that wears a look, and a heading and a field that wear what the widget’s look says of their roles. */
const anyStyle = fc.record({ button: levels('box'), title: levels('box'), field: levels('input', 'label') });
type Style = Record<'button' | 'title' | 'field', Record<'element' | 'widget' | 'look', Sheet>>;

const pieces = [
  { role: 'button', part: 'box', selector: '[data-e=press]', state: 'hover' },
  { role: 'title', part: 'box', selector: '[data-e=head]', state: null },
  { role: 'field', part: 'input', selector: '[data-e=mail] input', state: 'focus' },
  { role: 'field', part: 'label', selector: '[data-e=mail] label', state: null },
] as const;

const rooms: [width: number, screens: string[]][] = [
  [1280, []],
  [900, ['medium']],
  [390, ['small', 'medium']],
];

/** What has to be drawn, px: a state outranks rest, a narrow screen a wide one, then the element the widget and its look. */
function wanted(
  { element, widget, look }: Style['button'],
  part: string,
  name: string,
  screens: string[],
  state: string | null,
) {
  const holding = (state ? [state, ''] : ['']).flatMap((when) =>
    [...screens, ''].map((screen) => `${screen} ${when}`.trim() || 'base'),
  );
  for (const condition of holding)
    for (const level of [element, widget, look]) {
      const value = level[part]?.[condition]?.[name];
      if (value !== undefined) return `${tokens[value] ?? value}px`;
    }
  return null;
}

/** A site of its own with one widget, whose style and brand can be changed. */
async function workshop(page: Page) {
  const headers = { origin: studio };
  const ask = async (method: 'get' | 'post' | 'put', path: string, data?: unknown) => {
    const answer = await page.request[method](studio + path, {
      headers,
      ...(data !== undefined && { data }),
    });
    expect([path, answer.status(), answer.ok() ? '' : await answer.text()]).toEqual([
      path,
      expect.any(Number),
      '',
    ]);
    return answer;
  };
  const site = (await (await ask('post', '/api/sites', { name: 'Workshop', origins: [] })).json()) as {
    id: string;
  };
  const made = await ask('post', `/api/sites/${site.id}/widgets`, { name: 'Styled' });
  const { id, document } = (await made.json()) as {
    id: string;
    document: { elements: object; behaviour: object };
  };
  let base = 1;

  return async (style: Style): Promise<string> => {
    await ask('put', `/api/sites/${site.id}/brand`, {
      tokens: {
        size: { $type: 'dimension', small: { $value: { value: 13, unit: 'px' } } },
        space: { $type: 'dimension', 4: { $value: { value: 17, unit: 'px' } } },
      },
      looks: {
        worn: { name: 'Worn', role: 'button', style: style.button.look },
        around: {
          name: 'Around',
          role: 'panel',
          style: {},
          inside: { title: style.title.look, field: style.field.look },
        },
      },
      fonts: [],
    });
    const group = { type: 'group', direction: 'column' };
    const link = {
      type: 'button',
      label: 'Go',
      wide: false,
      action: { type: 'close' },
    };
    await ask('put', `/api/widgets/${id}/draft`, {
      base: base++,
      document: {
        ...document,
        placement: { type: 'inline', width: 400 },
        look: 'around',
        style: { button: style.button.widget, title: style.title.widget, field: style.field.widget },
        elements: {
          opening: { ...group, children: ['head', 'form', 'press'] },
          thanks: { ...group, children: [] },
          head: { type: 'text', level: 2, content: [{ text: 'A heading' }], style: style.title.element },
          form: { type: 'form', children: ['mail'] },
          mail: {
            type: 'field',
            kind: 'email',
            key: 'mail',
            label: 'E-mail',
            required: true,
            style: style.field.element,
          },
          press: { ...link, look: 'worn', style: style.button.element },
        },
      },
    });
    return (await ask('get', `/api/widgets/${id}/export.html`)).text();
  };
}

test('what the browser draws is the strongest value, at every level, screen and state', async ({ page }) => {
  test.setTimeout(120_000);
  await signIn(page);
  const write = await workshop(page);
  let compared = 0;
  for (const style of fc.sample(anyStyle, { seed: 20_261_125, numRuns: 16 }) as Style[]) {
    const html = await write(style);
    // Parsed as a page is: a shadow root that is declared is not made by writing into one.
    await page.route('**/drawn.html', (route) => route.fulfill({ contentType: 'text/html', body: html }), {
      times: 1,
    });
    await page.goto(`${studio}/drawn.html`);
    for (const [width, screens] of rooms) {
      await page.setViewportSize({ width, height: 800 });
      for (const { role, part, selector, state } of pieces) {
        const target = page.locator(selector);
        for (const forced of state ? [null, state] : [null]) {
          // Near its start, where it stays under the pointer whatever size its state gives it.
          if (forced === 'hover') await target.hover({ position: { x: 24, y: 6 } });
          if (forced === 'focus') await target.focus();
          const drawn = await target.evaluate(
            (node, names) => names.map((name) => getComputedStyle(node).getPropertyValue(name)),
            Object.values(computed),
          );
          const due = Object.keys(computed).map((name) => wanted(style[role], part, name, screens, forced));
          compared += due.filter((one) => one !== null).length;
          expect({ role, part, width, forced, seen: drawn.map((one, at) => due[at] && one) }).toEqual({
            role,
            part,
            width,
            forced,
            seen: due,
          });
          if (forced === 'hover') await page.mouse.move(0, 0);
          if (forced === 'focus') await target.blur();
        }
      }
    }
  }
  expect(compared).toBeGreaterThan(500);
});
