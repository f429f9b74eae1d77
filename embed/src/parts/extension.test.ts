import { jest } from '@jest/globals';
import { compileWidget, type CompiledWidget } from '@sirene/core/compile';
import { buildWidget, words } from '@sirene/core/library/sketch';
import { plainBrand } from '@sirene/core/style';
import type { Loader } from '../loader.js';
import type { ManifestWidget } from '../manifest.js';
import type { Mounted } from '../mount.js';
import { showing } from '../showing.js';
import { Surface } from '../surface.js';
import { Told } from '../told.js';
import type { Attachable, PartPage } from './part.js';

/** A part that is made here alone: it writes the time into a widget, and how many pieces the page has told of. */
const ticker: Attachable = {
  attach(mounted: Mounted, { clock, basket }: PartPage) {
    const write = () => {
      const place = mounted.box.querySelector('.scene');
      if (place) place.textContent = `${clock.now()} · ${String(basket.value)}`;
    };
    write();
    return { written: write, end: basket.follow(write) };
  },
};

const body = {
  ...compileWidget(
    buildWidget({ name: 'Any', kind: 'cta', placement: { type: 'inline' }, opening: [words('Now')] }),
    plainBrand,
  ),
} as unknown as CompiledWidget;

test('a part that a widget names is loaded, attached, told of what is written and what the page says, and ended', async () => {
  Object.assign(window, {
    CSSStyleSheet: class {
      replaceSync() {}
    },
  });
  Object.assign(globalThis, { CSS: { escape: String } });
  const basket = new Told();
  const asked: string[] = [];
  const counted: unknown[] = [];
  jest.useFakeTimers();
  Object.assign(globalThis, {
    fetch: (_: string, { body: sent }: { body: string }) => Promise.resolve(counted.push(JSON.parse(sent))),
  });
  const told: string[] = [];
  const load = {
    origin: 'https://studio.example',
    site: 'k',
    body: () => Promise.resolve(body),
    part(name: string) {
      asked.push(name);
      return Promise.resolve(ticker);
    },
  } as unknown as Loader;
  const surface = new Surface<ManifestWidget>(
    showing({
      load,
      page: {
        clock: { now: () => 7, at: () => () => {} },
        basket,
        identify: new Told(),
        visitAt: () => 7,
        onEvent: () => () => {},
      },
      open: () => {},
      send: (type) => told.push(type),
      tell: (happening) => told.push(happening),
    }),
  );
  const widget = { id: 'w', slug: 'any', body: '/b/x.json', parts: ['ticker'] } as unknown as ManifestWidget;
  await surface.show(widget);
  await jest.advanceTimersByTimeAsync(0);
  const [mounted] = surface.mounted as [Mounted];
  const text = () => mounted.box.querySelector('.scene')?.textContent;
  expect([[...new Set(asked)], told, text()]).toEqual([['ticker'], ['open'], '7 · undefined']);
  basket.tell(3);
  expect(text()).toBe('7 · 3');
  mounted.show('opening');
  expect(text()).toBe('7 · 3');
  surface.hide(widget);
  basket.tell(4);
  expect([told, text()]).toEqual([['open', 'close'], '7 · 3']);
  // What happened is counted, without a word about the visitor.
  await jest.advanceTimersByTimeAsync(2000);
  const events = ['shown', 'closed'].map((type) => ({ type, widget: 'w' }));
  expect(counted).toEqual([{ events }]);
  jest.useRealTimers();
});
