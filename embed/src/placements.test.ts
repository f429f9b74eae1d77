import { hang } from './parts/anchor.js';
import { jest } from '@jest/globals';
import { compileWidget, type CompiledWidget } from '@sirene/core/compile';
import { buildWidget, dismiss, heading, link, words, type WidgetSketch } from '@sirene/core/library/sketch';
import { plainBrand } from '@sirene/core/style';
import { mount, type Mounted } from './mount.js';
import { stands, standIn } from './testing/platform.js';

const platform = standIn();

beforeEach(() => {
  platform.sizes.length = 0;
  platform.views.length = 0;
  platform.still = false;
  document.body.innerHTML = '<button id="basket">Basket</button><p id="page">A page</p>';
  jest.useFakeTimers();
});
afterEach(() => jest.useRealTimers());

type Placed = WidgetSketch['placement'];

function compile(placement: Placed, more: Partial<WidgetSketch> = {}): CompiledWidget {
  const sketch = { name: 'Any', kind: 'popup' as const, opening: [heading('Here'), dismiss('No, thanks')] };
  return compileWidget(buildWidget({ ...sketch, placement, ...more }), plainBrand);
}

const mounts: Mounted[] = [];
function put(body: CompiledWidget, { takesFocus = true, place = null as Element | null } = {}) {
  const heard: string[] = [];
  const mounted = mount(document, body, place, {
    hang,
    base: '',
    takesFocus,
    close: () => heard.push('close'),
    submit: () => heard.push('submit'),
    basket: (line, quantity) => heard.push(`${line} ${quantity}`),
    retry: () => heard.push('retry'),
  });
  mounts.push(mounted);
  return { mounted, heard };
}
afterEach(() => {
  for (const mounted of mounts.splice(0)) mounted.unmount(true);
});

const inside = (mounted: Mounted, selector: string) => mounted.box.querySelector<HTMLElement>(selector);

describe('a launcher', () => {
  const body = () =>
    compile({ type: 'launcher' }, { scenes: { teaser: [words('Ask us')] }, opening: [heading('Here')] });

  it('begins folded, unfolds when pressed, and folds up rather than goes', () => {
    const { mounted, heard } = put(body());
    expect(mounted.sceneName).toBe('teaser');
    expect(mounted.box.hasAttribute('data-folded')).toBe(true);
    const button = inside(mounted, '.launcher');
    expect([button?.textContent, button?.getAttribute('aria-expanded')]).toEqual(['Ask us', 'false']);
    button?.click();
    expect(mounted.sceneName).toBe('opening');
    expect(mounted.box.hasAttribute('data-folded')).toBe(false);
    expect(mounted.root.activeElement?.className).toBe('scene');
    inside(mounted, '.close')?.click();
    expect(mounted.sceneName).toBe('teaser');
    expect(mounted.root.activeElement?.className).toBe('launcher');
    expect(heard).toEqual([]);
  });
});

describe('an anchored widget', () => {
  const anchored = { type: 'anchored', selector: '#basket', at: 'below', align: 'end', gap: 8 } as const;
  const basket = () => document.getElementById('basket') as HTMLElement;

  it('hangs on its element, and follows it', () => {
    stands(basket(), 600, 20, 100, 40);
    const { mounted } = put(compile(anchored), { place: basket() });
    const { box } = mounted;
    stands(box, 0, 0, 300, 200);
    window.dispatchEvent(new Event('scroll'));
    expect([box.style.left, box.style.top]).toEqual(['400px', '68px']);
    stands(basket(), 600, 0, 100, 40);
    window.dispatchEvent(new Event('resize'));
    expect([box.style.left, box.style.top]).toEqual(['400px', '48px']);
    mounted.unmount(true);
    stands(basket(), 0, 400, 100, 40);
    window.dispatchEvent(new Event('resize'));
    expect(box.style.top).toBe('48px');
    expect(platform.sizes.every(({ targets }) => targets.size === 0)).toBe(true);
  });

  it('without its element stands where links of a page’s corner do', () => {
    const { mounted } = put(compile(anchored));
    stands(mounted.box, 0, 0, 300, 200);
    window.dispatchEvent(new Event('resize'));
    expect(mounted.box.style.top).toBe('72px');
    expect(parseFloat(mounted.box.style.left)).toBe(window.innerWidth - 8 - 300);
  });

  it('goes when the page is pressed, not when it or its element is', () => {
    const { mounted, heard } = put(compile(anchored), { place: basket() });
    const press = (target: Element | null) =>
      target?.dispatchEvent(new Event('pointerdown', { bubbles: true, composed: true }));
    press(inside(mounted, 'h2'));
    press(basket());
    expect(heard).toEqual([]);
    press(document.getElementById('page'));
    expect(heard).toEqual(['close']);
  });
});

describe('a widget in the middle', () => {
  const centre: Placed = { type: 'centre' };
  const click = (box: HTMLElement, x: number, y: number) =>
    box.dispatchEvent(new MouseEvent('click', { bubbles: true, clientX: x, clientY: y }));

  it('goes by a press on its backdrop, not on its padding', () => {
    const { mounted, heard } = put(compile(centre));
    stands(mounted.box, 100, 100, 300, 200);
    click(mounted.box, 110, 110);
    expect(heard).toEqual([]);
    click(mounted.box, 50, 50);
    expect(heard).toEqual(['close']);
  });

  it('stays where its backdrop is told not to close it', () => {
    const closing = { button: true, escape: false, backdrop: false };
    const { mounted, heard } = put(compile({ type: 'centre', closing }));
    stands(mounted.box, 100, 100, 300, 200);
    click(mounted.box, 50, 50);
    mounted.box.dispatchEvent(new Event('cancel', { cancelable: true }));
    expect(heard).toEqual([]);
  });

  it('has what stands above and below its scenes', () => {
    const { mounted } = put(compile(centre, { header: [words('Above')], footer: [words('Below')] }));
    expect([inside(mounted, '.header')?.textContent, inside(mounted, '.footer')?.textContent]).toEqual([
      'Above',
      'Below',
    ]);
    mounted.show('thanks');
    expect(inside(mounted, '.header')?.textContent).toBe('Above');
  });
});

test('a widget that closes by itself does so after its seconds, and not on the stage', () => {
  const body = compile({
    type: 'corner',
    closing: { button: true, escape: true, backdrop: false, after: 6 },
  });
  const { heard } = put(body);
  const stage = put(body, { takesFocus: false });
  jest.advanceTimersByTime(5999);
  expect(heard).toEqual([]);
  jest.advanceTimersByTime(1);
  expect([heard, stage.heard]).toEqual([['close'], []]);
});

test('one that is taken off before its seconds are over is not closed again', () => {
  const body = compile({
    type: 'corner',
    closing: { button: true, escape: true, backdrop: false, after: 6 },
  });
  const { mounted, heard } = put(body);
  mounted.unmount(true);
  jest.advanceTimersByTime(10_000);
  expect(heard).toEqual([]);
});

describe('a way out of its own', () => {
  const body = () => ({ ...compile({ type: 'corner' }), exit: 250 });

  it('is taken before it is gone', () => {
    const { mounted } = put(body());
    mounted.unmount();
    expect(mounted.box.hasAttribute('data-leaving')).toBe(true);
    jest.advanceTimersByTime(249);
    expect(mounted.host.isConnected).toBe(true);
    jest.advanceTimersByTime(1);
    expect(mounted.host.isConnected).toBe(false);
  });

  it('is left out for those who ask for less motion, and where there is no time', () => {
    platform.still = true;
    const { mounted } = put(body());
    mounted.unmount();
    expect(mounted.host.isConnected).toBe(false);
    platform.still = false;
    const other = put(body()).mounted;
    other.unmount(true);
    expect(other.host.isConnected).toBe(false);
  });
});

test('what comes in when it is scrolled to waits until it is in view', () => {
  const { mounted } = put({
    ...compile({ type: 'inline' }),
    unseen: true,
  });
  const [view] = platform.views;
  expect([...(view?.targets ?? [])]).toEqual([mounted.box]);
  view?.tell([{ isIntersecting: false, target: mounted.box }]);
  expect(mounted.box.hasAttribute('data-unseen')).toBe(true);
  view?.tell([{ isIntersecting: true, target: mounted.box }]);
  expect(mounted.box.hasAttribute('data-unseen')).toBe(false);
  expect(view?.targets.size).toBe(0);
});

test('a button leads to a scene that there is, and to no other', () => {
  const to = (scene: string) => ({ ...link(scene), action: { type: 'scene', scene } }) as const;
  const { mounted } = put(
    compile({ type: 'corner' }, { opening: [to('thanks')], scenes: { thanks: [heading('Thank you')] } }),
  );
  inside(mounted, '[data-act=scene]')?.setAttribute('data-to', 'constructor');
  inside(mounted, '[data-act=scene]')?.click();
  expect(mounted.sceneName).toBe('opening');
  inside(mounted, '[data-act=scene]')?.setAttribute('data-to', 'thanks');
  inside(mounted, '[data-act=scene]')?.click();
  expect(inside(mounted, 'h2')?.textContent).toBe('Thank you');
});

test('a button asks to try again what could not be loaded', () => {
  const { mounted, heard } = put(
    compile({ type: 'corner' }, { opening: [{ ...link('Try again'), action: { type: 'retry' } }] }),
  );
  inside(mounted, '[data-act=retry]')?.click();
  expect(heard).toEqual(['retry']);
});

test('the basket is told how many of a line are wanted', () => {
  const { mounted, heard } = put(compile({ type: 'corner' }));
  const more = document.createElement('button');
  Object.assign(more.dataset, { line: 's1', to: '3' });
  inside(mounted, '.scene')?.append(more);
  more.click();
  expect(heard).toEqual(['s1 3']);
});

test('a typeface is loaded into the page once, whatever number of widgets use it', () => {
  const upright = {
    family: 'Fraunces',
    src: 'fonts:fraunces.woff2',
    weight: '400 700',
    style: 'normal',
  } as const;
  put({ ...compile({ type: 'corner' }), fonts: [upright] });
  put({ ...compile({ type: 'corner' }), fonts: [upright, { ...upright, style: 'italic' }] });
  expect(platform.faces.map(({ source, style }) => [source, style])).toEqual([
    ['url("/fonts/fraunces.woff2")', 'normal'],
    ['url("/fonts/fraunces.woff2")', 'italic'],
  ]);
});
