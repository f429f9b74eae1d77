import { jest } from '@jest/globals';
import { compileWidget } from '@sirene/core/compile';
import { buildWidget, countdown, words } from '@sirene/core/library/sketch';
import { plainBrand } from '@sirene/core/style';
import { boxHtml } from '../mount.js';
import type { CodesPort } from '../codes.js';
import { attach as attachCopy } from './copy.js';
import type { PartPage, PartWidget } from './part.js';
import { attach as attachTurns } from './turns.js';

/** The box of an inline widget that holds one thing. */
function boxOf(element: Parameters<typeof buildWidget>[0]['opening'][number]): HTMLElement {
  const body = compileWidget(
    buildWidget({ name: 'Any', kind: 'cta', placement: { type: 'inline' }, opening: [element] }),
    plainBrand,
  );
  const box = document.createElement('div');
  box.innerHTML = boxHtml(body, 'opening');
  document.body.replaceChildren(box);
  return box;
}

afterEach(() => jest.useRealTimers());

describe('a code', () => {
  const press = async (box: HTMLElement) => {
    box.querySelector('button')?.click();
    for (let turn = 0; turn < 4; turn++) await Promise.resolve();
  };
  const shown = (box: HTMLElement) => [
    box.querySelector('button')?.textContent,
    box.querySelector('[role=status]')?.textContent,
  ];

  it('is copied, which is seen and heard for a while; pressed again meanwhile its button is as before', async () => {
    jest.useFakeTimers();
    const copied: string[] = [];
    Object.assign(navigator, {
      clipboard: { writeText: (text: string) => Promise.resolve(copied.push(text)) },
    });
    const box = boxOf({ type: 'code', code: 'MOON10', button: 'Copy', copied: 'Copied' });
    const { end } = attachCopy({ box });
    await press(box);
    await press(box);
    expect([copied, shown(box)]).toEqual([
      ['MOON10', 'MOON10'],
      ['Copied', 'Copied'],
    ]);
    jest.advanceTimersByTime(2500);
    expect(shown(box)).toEqual(['Copy', '']);
    end();
    await press(box);
    expect(copied).toHaveLength(2);
  });

  const pooled = {
    type: 'code',
    code: '',
    pool: 'lamps',
    expires: true,
    button: 'Get it',
    copied: 'Copied',
  } as const;
  const asking = (answers: (string | null)[]) => {
    const asked: string[] = [];
    const codes: CodesPort = {
      begin: (widget, countdown) => Promise.resolve(void asked.push(`begin ${widget} ${countdown}`)),
      ask(widget, element, expires) {
        asked.push(`ask ${widget} ${element} ${expires}`);
        return Promise.resolve(answers.shift() ?? null);
      },
    };
    return { asked, page: { codes } as unknown as PartPage, widget: { id: 'w' } as PartWidget };
  };

  it('of a pool is asked for when it is pressed, shown and copied; then it is known', async () => {
    const copied: string[] = [];
    Object.assign(navigator, {
      clipboard: { writeText: (text: string) => Promise.resolve(copied.push(text)) },
    });
    const box = boxOf(pooled);
    const { asked, page, widget } = asking(['MOON1']);
    attachCopy({ box }, page, widget);
    expect([asked, box.querySelector('code')?.textContent]).toEqual([[], '••••••••']);
    await press(box);
    await press(box);
    const element = box.querySelector('[data-pool]')?.closest<HTMLElement>('[data-e]')?.dataset['e'];
    expect(asked).toEqual([`ask w ${element} true`]);
    expect([box.querySelector('code')?.textContent, copied]).toEqual(['MOON1', ['MOON1', 'MOON1']]);
  });

  it('of a pool that has none left says so in its place', async () => {
    const box = boxOf({ ...pooled, gone: 'All gone' });
    const { page, widget } = asking([null]);
    attachCopy({ box }, page, widget);
    await press(box);
    expect([box.querySelector('button'), box.querySelector('code')]).toEqual([null, null]);
    const said = box.querySelector('[role=status]');
    expect([said?.textContent, said?.className]).toEqual(['All gone', '']);
  });

  it('of a pool is a sample on a try, where none is given', async () => {
    Object.assign(navigator, { clipboard: { writeText: () => Promise.resolve() } });
    const box = boxOf(pooled);
    attachCopy({ box }, {} as PartPage, { id: 'w' } as PartWidget);
    await press(box);
    expect(box.querySelector('code')?.textContent).toBe('SAMPLE');
  });

  it('that hangs on the visitor’s own countdown has its beginning signed once the widget is there', () => {
    const body = compileWidget(
      buildWidget({
        name: 'Any',
        kind: 'cta',
        placement: { type: 'inline' },
        opening: [{ ...countdown('2027-01-01T00:00'), goal: 'own', lasts: 20 }, pooled],
      }),
      plainBrand,
    );
    const box = document.createElement('div');
    box.innerHTML = boxHtml(body, 'opening');
    const { asked, page, widget } = asking([]);
    attachCopy({ box }, page, widget);
    const clock = box.querySelector<HTMLElement>('[data-own]')?.dataset['e'];
    expect(asked).toEqual([`begin w ${clock}`]);
  });

  it('is selected where there is no clipboard', async () => {
    Object.assign(navigator, { clipboard: { writeText: () => Promise.reject(new Error('not allowed')) } });
    const box = boxOf({ type: 'code', code: 'MOON10', button: 'Copy', copied: 'Copied' });
    attachCopy({ box });
    await press(box);
    expect(String(getSelection())).toBe('MOON10');
  });
});

describe('messages in turn', () => {
  let due: (() => void)[] = [];
  const clock = {
    now: () => 0,
    at: (_: number, call: () => void) => (
      due.push(call),
      () => void (due = due.filter((one) => one !== call))
    ),
  };
  const pass = () => due.splice(0).forEach((call) => call());
  const three = () =>
    boxOf({
      type: 'turns',
      seconds: 6,
      pause: 'Pause',
      play: 'Play',
      children: [],
      inside: ['a', 'b', 'c'].map((one) => words(one)),
    } as never);
  const on = (box: HTMLElement) =>
    [...box.querySelectorAll('[data-on]')].map((one) => one.textContent?.trim());
  const still = (reduce: boolean) => Object.assign(window, { matchMedia: () => ({ matches: reduce }) });

  it('come one after the other, and begin again', () => {
    still(false);
    due = [];
    const box = three();
    const { end } = attachTurns({ box }, { clock });
    const seen = [on(box)];
    for (let step = 0; step < 3; step++) {
      pass();
      seen.push(on(box));
    }
    expect(seen).toEqual([['a'], ['b'], ['c'], ['a']]);
    end();
    expect(due).toEqual([]);
  });

  it('rest once they are paused, and from the start for those who ask for less motion', () => {
    still(false);
    due = [];
    const box = three();
    attachTurns({ box }, { clock });
    const button = box.querySelector('button');
    button?.click();
    pass();
    expect([on(box), button?.getAttribute('aria-label')]).toEqual([['a'], 'Play']);
    button?.click();
    pass();
    expect([on(box), button?.getAttribute('aria-label')]).toEqual([['b'], 'Pause']);
    still(true);
    due = [];
    const quiet = three();
    attachTurns({ box: quiet }, { clock });
    pass();
    expect(on(quiet)).toEqual(['a']);
  });
});
