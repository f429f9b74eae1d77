import * as csstree from 'css-tree';
import {
  createPassage,
  createSignal,
  exitTime,
  motionCss,
  passages,
  signals,
  type Motions,
} from './index.js';

const css = (motions: Motions | undefined, after?: number) =>
  motionCss({ selector: '.m-e1', name: 'm-e1', motions, after });

const isSound = (text: string) => {
  const mistakes: string[] = [];
  csstree.parse(text, { onParseError: (error) => mistakes.push(error.message) });
  return mistakes;
};

test('nothing that moves writes nothing', () => {
  expect(css(undefined)).toBe('');
  expect(css({})).toBe('');
});

test.each(Object.keys(passages) as (keyof typeof passages)[])('it comes and goes: %s', (kind) => {
  for (const from of ['top', 'right', 'bottom', 'left'] as const) {
    const passage = { ...createPassage(), kind, from };
    const text = css({ entrance: passage, exit: passage });
    expect(isSound(text)).toEqual([]);
    expect(text).toContain('@keyframes m-e1-in{from{');
    expect(text).toContain('@keyframes m-e1-out{to{');
    expect(text).toContain('@media (prefers-reduced-motion:reduce){.m-e1{animation:none!important}}');
  }
});

test('from opposite sides it moves in opposite directions', () => {
  const at = (from: 'top' | 'bottom' | 'left' | 'right') =>
    /translate:([^}]+)/.exec(
      css({ entrance: { ...createPassage(), kind: 'slide', from, strength: 0.5 } }),
    )?.[1];
  expect([at('top'), at('bottom'), at('left'), at('right')]).toEqual([
    '0 -68px',
    '0 68px',
    '-68px 0',
    '68px 0',
  ]);
});

test('stronger goes further', () => {
  const far = (strength: number) =>
    Number(/scale:([\d.]+)/.exec(css({ entrance: { ...createPassage(), kind: 'grow', strength } }))?.[1]);
  expect(far(0)).toBe(1);
  expect(far(1)).toBeLessThan(far(0.5));
});

test.each(Object.keys(signals) as (keyof typeof signals)[])('it draws the eye: %s', (kind) => {
  const text = css({ attention: { ...createSignal(), kind } });
  expect(isSound(text)).toEqual([]);
  expect(text).toContain('.m-e1{animation:m-e1-sign 900ms ease-in-out 2000ms 2}');
});

test('a signal without an end goes on', () => {
  expect(css({ attention: { ...createSignal(), times: 0 } })).toContain('2000ms infinite');
});

test('what waits to be seen is paused until it is', () => {
  expect(css({ entrance: { ...createPassage(), inView: true } })).toContain(
    '.m-e1[data-unseen]{animation-play-state:paused}',
  );
});

test('what appears later does so even for those who ask for less motion', () => {
  const text = css({ entrance: createPassage() }, 4);
  expect(text).toContain('m-e1-after 200ms 4s both,m-e1-in 300ms ease-out 4000ms both');
  expect(text).toContain('.m-e1{animation:m-e1-after 1ms 4s both!important}');
});

test.each([
  [undefined, 0],
  [{}, 0],
  [{ exit: { ...createPassage(), duration: 200, delay: 50 } }, 250],
])('how long it takes to go: %j', (motions, time) => {
  expect(exitTime(motions)).toBe(time);
});
