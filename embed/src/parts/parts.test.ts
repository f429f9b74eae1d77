import { sampleLines } from '@sirene/core/document/basket';
import { compileWidget } from '@sirene/core/compile';
import { buildWidget, countdown, heading, words } from '@sirene/core/library/sketch';
import { plainBrand } from '@sirene/core/style';
import type { SceneName } from '@sirene/core/document/widget';
import { fillBasket, writeBasket } from './basket.js';
import { Told } from '../told.js';
import { lookAt, lookOn } from '../looking.js';
import { attach } from './countdown.js';
import type { PartPage, PartWidget } from './part.js';
import { writeHtml } from '../markup.js';
import { boxHtml, type Mounted } from '../mount.js';
import { served } from '@sirene/core/base/served';
import { push } from '../push.js';

/** A widget as it is written, without the platform's popovers. */
function written(sketch: Parameters<typeof buildWidget>[0]) {
  const body = compileWidget(buildWidget(sketch), plainBrand);
  const root = document.createElement('div');
  const box = document.createElement('div');
  root.append(box);
  document.body.append(root);
  const mounted = {
    body,
    box,
    root: root as unknown as ShadowRoot,
    sceneName: 'opening' as SceneName,
    write: writeHtml,
    show(name: SceneName) {
      mounted.sceneName = name;
      box.innerHTML = boxHtml(body, name);
    },
  };
  mounted.show('opening');
  return mounted as unknown as Mounted;
}

const inline = { name: 'Any', kind: 'cta', placement: { type: 'inline' } } as const;

describe('a basket', () => {
  const whole = () =>
    written({
      ...inline,
      opening: [{ type: 'basket' }, { type: 'links' }],
      scenes: { empty: [words('Nothing yet')], error: [words('Not to be had')] },
    });

  it('shows the scene that fits what the page says', () => {
    const mounted = whole();
    fillBasket(mounted, []);
    expect(mounted.box.textContent).toContain('Nothing yet');
    fillBasket(mounted, 'no basket');
    expect(mounted.box.textContent).toContain('Not to be had');
    fillBasket(mounted, sampleLines(1));
    expect(mounted.sceneName).toBe('opening');
  });

  it('without those scenes is an empty one', () => {
    const mounted = written({ ...inline, opening: [{ type: 'basket' }] });
    fillBasket(mounted, []);
    expect(mounted.box.querySelectorAll('li')).toHaveLength(0);
    expect(mounted.box.textContent).toContain('€0');
  });

  it('writes its lines, their sum and how many pieces they are', () => {
    const mounted = whole();
    writeBasket(mounted, [{ id: 'a', name: 'Lamp', price: 34, quantity: 2 }]);
    expect(mounted.box.querySelectorAll('li')).toHaveLength(1);
    expect(mounted.box.textContent).toContain('€68');
    const counter = mounted.box.querySelector('[data-basket-count]');
    expect([counter?.textContent, (counter as HTMLElement).hidden]).toEqual(['2', false]);
    writeBasket(mounted, []);
    expect((counter as HTMLElement).hidden).toBe(true);
  });
});

describe('a countdown', () => {
  const until = Date.UTC(2026, 11, 13, 21);
  const sketch = {
    ...inline,
    opening: [countdown('2026-12-13T21:00', { zone: 'UTC' })],
    scenes: { expired: [heading('It has begun')] },
  };
  const figures = ({ box }: Mounted) =>
    [...box.querySelectorAll('[data-unit]')].map((one) => one.textContent).join(':');

  class Clock {
    #due: [number, () => void][] = [];
    constructor(public time: number) {}
    now = () => this.time;
    at = (time: number, call: () => void) => {
      const entry: [number, () => void] = [time, call];
      this.#due.push(entry);
      return () => void (this.#due = this.#due.filter((one) => one !== entry));
    };
    moveTo(time: number) {
      this.time = time;
      for (const [, call] of this.#due.splice(0)) call();
    }
    get waiting() {
      return this.#due.length;
    }
  }

  /** What parts know of a page, with what is kept of a visitor, and what a countdown asks for. */
  function pageOf(clock: Clock, kept: Record<string, number> = {}) {
    const asked: string[] = [];
    let tell = (_: string) => {};
    const page: PartPage = {
      identify: new Told(),
      clock,
      basket: new Told(),
      visitAt: () => clock.time - 60_000,
      onEvent(call) {
        tell = call;
        return () => (tell = () => {});
      },
      starts: { read: () => kept, write: (starts) => Object.assign(kept, starts) },
      serverAhead: () => Promise.resolve(ahead),
    };
    let ahead: number | null = null;
    const widget: PartWidget = {
      id: 'w',
      body: '/b/none.json',
      close: () => asked.push('close'),
      leave: (address) => asked.push(`leave ${address}`),
      open: (name) => asked.push(`open ${name}`),
    };
    return {
      page,
      widget,
      asked,
      kept,
      tell: (name: string) => tell(name),
      wrong: (by: number) => (ahead = by),
    };
  }
  const own = (more: Record<string, unknown>) =>
    written({
      ...inline,
      opening: [
        {
          ...countdown('2026-12-13T21:00', { zone: 'UTC' }),
          goal: 'own',
          lasts: 20,
          units: ['minutes', 'seconds'],
          ...more,
        },
      ],
      scenes: { expired: [heading('It is over')] },
    });

  it('of a visitor’s own begins when it is first seen, and goes on over pages', () => {
    const clock = new Clock(until);
    const { page, widget, kept } = pageOf(clock);
    const first = own({});
    const { end } = attach(first, page, widget);
    expect(figures(first)).toBe('20:00');
    clock.moveTo(until + 61_000);
    expect(figures(first)).toBe('18:59');
    end();
    const next = own({});
    clock.time = until + 5 * 60_000;
    attach(next, pageOf(clock, kept).page, widget);
    expect(figures(next)).toBe('15:00');
  });

  it('of a visitor’s own can begin with the visit, or with an event of the page', () => {
    const clock = new Clock(until);
    const { page, widget, tell } = pageOf(clock);
    const visit = own({ from: 'arrived' });
    attach(visit, page, widget);
    expect(figures(visit)).toBe('19:00');
    const event = own({ from: 'event', event: 'paid' });
    const other = pageOf(clock);
    attach(event, other.page, other.widget);
    clock.moveTo(until + 60_000);
    expect(figures(event)).toBe('20:00');
    tell('paid');
    other.tell('paid');
    clock.moveTo(until + 90_000);
    expect(figures(event)).toBe('19:30');
  });

  it.each([
    [{ end: 'hide' }, ['close']],
    [{ end: 'page', endTo: '/shop' }, ['leave /shop']],
    [{ end: 'page', endTo: 'javascript:alert(1)' }, []],
    [{ end: 'widget', endTo: 'letter' }, ['open letter']],
  ])('at its end with %j asks for %j, once', (more, expected) => {
    const clock = new Clock(until);
    const { page, widget, asked } = pageOf(clock);
    const mounted = own(more);
    attach(mounted, page, widget);
    clock.moveTo(until + 20 * 60_000);
    clock.moveTo(until + 21 * 60_000);
    expect(asked).toEqual(expected);
  });

  it('opens another widget once on a page, however often it is there: two that open each other come to an end', () => {
    const starts = { 'twice c': until, 'other c': until };
    const { page, widget, asked } = pageOf(new Clock(until + 20 * 60_000), starts);
    const ended = () => own({ end: 'widget', endTo: 'letter', from: 'arrived', lasts: 1 });
    for (const mounted of [ended(), ended(), ended()]) attach(mounted, page, { ...widget, id: 'twice' });
    expect(asked).toEqual(['open letter']);
    attach(ended(), page, { ...widget, id: 'other' });
    expect(asked).toEqual(['open letter', 'open letter']);
  });

  it('starts again where it is said to', () => {
    const clock = new Clock(until);
    const { page, widget } = pageOf(clock);
    const mounted = own({ end: 'restart' });
    attach(mounted, page, widget);
    clock.moveTo(until + 20 * 60_000);
    clock.moveTo(until + 20 * 60_000 + 1000);
    expect([figures(mounted), mounted.sceneName]).toEqual(['19:59', 'opening']);
  });

  it('goes by the server’s clock where the visitor’s is wrong', async () => {
    const clock = new Clock(until - 4 * 3_600_000);
    const { page, widget, wrong } = pageOf(clock);
    wrong(3 * 3_600_000);
    const mounted = written(sketch);
    attach(mounted, page, widget);
    await Promise.resolve();
    await Promise.resolve();
    expect(figures(mounted)).toBe('00:01:00:00');
  });

  it('comes again each week, at the same time by the clocks of its zone', () => {
    const mounted = written({
      ...inline,
      opening: [
        {
          ...countdown('2026-03-20T20:00', { zone: 'Europe/London' }),
          goal: 'repeat',
          rule: 'FREQ=WEEKLY',
          endDate: 'long',
        },
      ],
    });
    // The Friday after the clocks are put forward, an hour earlier by UTC.
    lookAt(mounted, Date.UTC(2026, 3, 2, 19));
    expect(figures(mounted)).toBe('01:00:00:00');
    expect(mounted.box.querySelector('[data-date]')?.textContent).toMatch(
      /Friday 3 April 2026.*20:00 BST|Friday, April 3, 2026.*08:00 PM GMT\+1/,
    );
  });

  it('says its units by number and language, and marks the step that it has reached', () => {
    const mounted = written({
      ...inline,
      opening: [
        {
          ...countdown('2026-12-13T21:00', { zone: 'UTC' }),
          labels: { hours: 'hr|hrs' },
          steps: [
            { under: 24, look: 'last day' },
            { under: 1, look: 'last-hour' },
          ],
        },
      ],
    });
    const labels = () => [...mounted.box.querySelectorAll('[data-label]')].map((one) => one.textContent);
    const step = () => mounted.box.querySelector<HTMLElement>('[data-units]')?.dataset['step'];
    lookAt(mounted, until - 86_400_000 - 3_600_000);
    expect([labels().slice(0, 2), step()]).toEqual([['day', 'hr'], undefined]);
    lookAt(mounted, until - 7_200_000);
    expect([labels().slice(0, 2), step()]).toEqual([['days', 'hrs'], 'last-day']);
    lookAt(mounted, until - 60_000);
    expect(step()).toBe('last-hour');
  });

  it('writes what is left', () => {
    const mounted = written(sketch);
    expect(lookAt(mounted, until - 90_061_000)).toEqual([]);
    expect(figures(mounted)).toBe('01:01:01:01');
    expect(lookAt(mounted, until)).toHaveLength(1);
  });

  it('goes on second by second, and shows its end', () => {
    const mounted = written(sketch);
    const clock = new Clock(until - 2000);
    lookOn(mounted, clock);
    expect(figures(mounted)).toBe('00:00:00:02');
    clock.moveTo(until - 1000);
    expect(figures(mounted)).toBe('00:00:00:01');
    clock.moveTo(until);
    expect(mounted.box.textContent).toContain('It has begun');
    expect(clock.waiting).toBe(0);
  });

  it('is stopped', () => {
    const clock = new Clock(until - 60_000);
    lookOn(written(sketch), clock)();
    expect(clock.waiting).toBe(0);
  });

  it('without an expired scene stands at nothing', () => {
    const mounted = written({ ...sketch, scenes: {} });
    lookOn(mounted, new Clock(until + 5000));
    expect([mounted.sceneName, figures(mounted)]).toEqual(['opening', '00:00:00:00']);
  });
});

describe('a bar that moves the page', () => {
  let told: () => void = () => {};
  beforeAll(() => {
    Object.assign(window, {
      ResizeObserver: class {
        constructor(call: () => void) {
          told = call;
        }
        observe() {
          told();
        }
        disconnect() {
          told = () => {};
        }
      },
    });
  });
  const bar = (height: number) =>
    Object.defineProperty(document.createElement('div'), 'offsetHeight', { value: height, writable: true });

  it('moves it by its height, makes room below, and moves it back', () => {
    const { style } = document.body;
    style.paddingBottom = '10px';
    const back = push(document, bar(60), 'top');
    expect([style.translate, style.paddingBottom]).toEqual(['0 60px', '70px']);
    back();
    expect([style.translate ?? '', style.paddingBottom]).toEqual(['', '10px']);
    style.paddingBottom = '';
  });

  it('follows when it grows', () => {
    const grown = bar(60);
    const back = push(document, grown, 'top');
    (grown as { offsetHeight: number }).offsetHeight = 90;
    told();
    expect(document.body.style.translate).toBe('0 90px');
    back();
  });

  it('at the foot only makes room', () => {
    const back = push(document, bar(60), 'bottom');
    expect([document.body.style.translate ?? '', document.body.style.paddingBottom]).toEqual(['', '60px']);
    back();
  });
});

test('uploads and typefaces are served from where the widget comes from', () => {
  const text =
    'url("asset:0123456789abcdef/full.webp") asset:0123456789abcdef/320.webp fonts:figtree.woff2 asset:short';
  expect(served(text, 'https://s.example')).toBe(
    'url("https://s.example/a/0123456789abcdef/full.webp") https://s.example/a/0123456789abcdef/320.webp https://s.example/fonts/figtree.woff2 asset:short',
  );
});
