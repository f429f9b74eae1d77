import { valueAt } from '../base/maps/index.js';

/** Shapes of a box's edge, and what they are called. */
export const edges = {
  none: 'Straight',
  slant: 'Slanted bottom',
  'curve-down': 'Bottom curved down',
  'curve-up': 'Bottom curved up',
  point: 'Pointed bottom',
  arch: 'Arched top',
  notch: 'Cut corners',
  teeth: 'Zigzag bottom',
  ribbon: 'Ribbon',
} as const;

const depth = 18;

// 24 teeth: enough for a bar, and still teeth on a phone.
const teeth = Array.from({ length: 25 }, (_, at) => {
  const across = Math.round((100 - (at * 100) / 24) * 100) / 100;
  return `${across}% ${at % 2 ? '100%' : `calc(100% - ${depth / 2}px)`}`;
}).join(',');

// A curve of 24 straight pieces: half a wave, as deep as `bend` says, px; the clip of CSS has curves in shares alone.
const curve = (bend: (across: number) => number): string =>
  Array.from({ length: 25 }, (_, at) => {
    const across = 1 - at / 24;
    const up = Math.round(bend(Math.sin(Math.PI * across)) * 10) / 10;
    return `${Math.round(across * 10_000) / 100}% calc(100% - ${up}px)`;
  }).join(',');

const shapes: Record<string, string> = {
  none: 'none',
  slant: `polygon(0 0,100% 0,100% calc(100% - ${depth * 1.5}px),0 100%)`,
  'curve-down': `polygon(0 0,100% 0,${curve((wave) => depth * (1 - wave))})`,
  'curve-up': `polygon(0 0,100% 0,${curve((wave) => depth * wave)})`,
  point: `polygon(0 0,100% 0,100% calc(100% - ${depth}px),50% 100%,0 calc(100% - ${depth}px))`,
  arch: 'ellipse(75% 100% at 50% 100%)',
  notch: `polygon(${depth}px 0,calc(100% - ${depth}px) 0,100% ${depth}px,100% calc(100% - ${depth}px),calc(100% - ${depth}px) 100%,${depth}px 100%,0 calc(100% - ${depth}px),0 ${depth}px)`,
  teeth: `polygon(0 0,100% 0,${teeth})`,
  ribbon: `polygon(0 0,100% 0,calc(100% - ${depth}px) 50%,100% 100%,0 100%)`,
};

/** The declaration of a shape (CSS Shapes 1). */
export const edgeCss = (edge: string): string => `clip-path:${valueAt(shapes, edge) ?? 'none'}`;
