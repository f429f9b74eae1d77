import { sampleLines } from '@sirene/core/document/basket';
import { compileWidget } from '@sirene/core/compile';
import { buildWidget, countdown, heading, words } from '@sirene/core/library/sketch';
import { plainBrand } from '@sirene/core/style';
import type { SceneName } from '@sirene/core/document/widget';
import { fillBasket, writeBasket } from './basket.js';
import { count, writeCounts } from './countdown.js';
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

  it('writes what is left', () => {
    const mounted = written(sketch);
    expect(writeCounts(mounted, until - 90_061_000)).toBe(false);
    expect(figures(mounted)).toBe('01:01:01:01');
    expect(writeCounts(mounted, until)).toBe(true);
  });

  it('goes on second by second, and shows its end', () => {
    const mounted = written(sketch);
    const clock = new Clock(until - 2000);
    count(mounted, clock);
    expect(figures(mounted)).toBe('00:00:00:02');
    clock.moveTo(until - 1000);
    expect(figures(mounted)).toBe('00:00:00:01');
    clock.moveTo(until);
    expect(mounted.box.textContent).toContain('It has begun');
    expect(clock.waiting).toBe(0);
  });

  it('is stopped', () => {
    const clock = new Clock(until - 60_000);
    count(written(sketch), clock)();
    expect(clock.waiting).toBe(0);
  });

  it('without an expired scene stands at nothing', () => {
    const mounted = written({ ...sketch, scenes: {} });
    count(mounted, new Clock(until + 5000));
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
