import { Type, type Static } from '@sinclair/typebox';
import { oneOf, strict } from '../../base/schema/index.js';

/** How something comes or goes. */
export const passages = {
  fade: 'Fade',
  slide: 'Slide',
  grow: 'Zoom',
  turn: 'Flip',
  sharpen: 'Blur',
  unfold: 'Reveal',
} as const;

/** How something that is there draws the eye. */
export const signals = {
  pulse: 'Pulse',
  shake: 'Shake',
  bounce: 'Bounce',
  swing: 'Swing',
  glow: 'Glow',
} as const;

export const motionEasings = {
  'ease-out': 'Ease out',
  'ease-in': 'Ease in',
  'ease-in-out': 'Ease in and out',
  linear: 'Linear',
  'cubic-bezier(.3,1.5,.6,1)': 'Overshoot',
} as const;

export const motionSides = ['top', 'right', 'bottom', 'left'] as const;
type MotionSide = (typeof motionSides)[number];

const timing = {
  /** 0 (hardly) to 1 (a great deal). */
  strength: Type.Number({ minimum: 0, maximum: 1 }),
  /** ms */
  duration: Type.Integer({ minimum: 0, maximum: 10_000 }),
  /** ms */
  delay: Type.Integer({ minimum: 0, maximum: 60_000 }),
  easing: oneOf(Object.keys(motionEasings) as (keyof typeof motionEasings)[]),
};

const passage = Type.Object(
  {
    kind: oneOf(Object.keys(passages) as (keyof typeof passages)[]),
    from: oneOf(motionSides),
    ...timing,
    /** Starts when the visitor has scrolled to it. */
    inView: Type.Optional(Type.Boolean()),
  },
  strict,
);

const signal = Type.Object(
  {
    kind: oneOf(Object.keys(signals) as (keyof typeof signals)[]),
    ...timing,
    /** How many times; 0 for as long as it is there. */
    times: Type.Integer({ minimum: 0, maximum: 20 }),
  },
  strict,
);

/** How a widget or an element moves. */
export const motionsSchema = Type.Object(
  { entrance: Type.Optional(passage), exit: Type.Optional(passage), attention: Type.Optional(signal) },
  strict,
);

export type Passage = Static<typeof passage>;
export type Signal = Static<typeof signal>;
export type Motions = Static<typeof motionsSchema>;

/** The entrance or exit that a widget gets when one is chosen. */
export const createPassage = (): Passage => ({
  kind: 'slide',
  from: 'bottom',
  strength: 0.3,
  duration: 300,
  delay: 0,
  easing: 'ease-out',
});

/** The attention seeker that a widget gets when one is chosen. */
export const createSignal = (): Signal => ({
  kind: 'pulse',
  strength: 0.3,
  duration: 900,
  delay: 2000,
  easing: 'ease-in-out',
  times: 2,
});

const round = (value: number): number => Math.round(value * 1000) / 1000;

// How something stands that is not there yet (or no longer).
function away({ kind, from, strength }: Passage): string {
  const distance = round(8 + strength * 120);
  const sign = from === 'top' || from === 'left' ? -1 : 1;
  const upright = from === 'top' || from === 'bottom';
  switch (kind) {
    case 'fade':
      return 'opacity:0';
    case 'slide':
      return `opacity:0;translate:${upright ? `0 ${sign * distance}px` : `${sign * distance}px 0`}`;
    case 'grow':
      return `opacity:0;scale:${round(1 - strength * 0.9)}`;
    case 'turn':
      return `opacity:0;transform:perspective(900px) rotate${upright ? 'X' : 'Y'}(${round(sign * strength * 90)}deg)`;
    case 'sharpen':
      return `opacity:0;filter:blur(${round(2 + strength * 30)}px)`;
    case 'unfold':
      return `clip-path:${unfolded[from]}`;
  }
}

const unfolded: Record<MotionSide, string> = {
  top: 'inset(0 0 100% 0)',
  bottom: 'inset(100% 0 0 0)',
  left: 'inset(0 100% 0 0)',
  right: 'inset(0 0 0 100%)',
};

function signalFrames({ kind, strength }: Signal): string {
  const by = (least: number, most: number) => round(least + strength * (most - least));
  switch (kind) {
    case 'pulse':
      return `50%{scale:${by(1.01, 1.2)}}`;
    case 'shake':
      return `20%,60%{translate:${by(-2, -24)}px 0}40%,80%{translate:${by(2, 24)}px 0}`;
    case 'bounce':
      return `30%{translate:0 ${by(-4, -48)}px}50%{translate:0 0}70%{translate:0 ${by(-2, -20)}px}`;
    case 'swing':
      return `25%{rotate:${by(1, 14)}deg}75%{rotate:${by(-1, -14)}deg}`;
    case 'glow':
      return `50%{filter:brightness(${by(1.05, 1.6)})}`;
  }
}

/** What moves: the selector it is found by, a name for its keyframes, and how. */
export interface Moving {
  selector: string;
  name: string;
  motions: Motions | undefined;
  /** Seconds after opening at which it appears. */
  after?: number | undefined;
}

/**
 * The CSS of motion (CSS Animations 1, Individual Transforms of CSS Transforms 2). Under reduced motion nothing moves;
 * what appears later still does.
 */
export function motionCss({ selector, name, motions, after }: Moving): string {
  const { entrance, exit, attention } = motions ?? {};
  const animations: string[] = [];
  let css = '';
  let still = '';
  if (after) {
    // Out of the flow until then: what is not there yet leaves no hole.
    css += `@keyframes ${name}-after{from{visibility:hidden;opacity:0;position:absolute}}`;
    animations.push(`${name}-after 200ms ${after}s both`);
    still = `${name}-after 1ms ${after}s both`;
  }
  if (entrance) {
    css += `@keyframes ${name}-in{from{${away(entrance)}}}`;
    const delay = entrance.delay + (after ?? 0) * 1000;
    animations.push(`${name}-in ${entrance.duration}ms ${entrance.easing} ${delay}ms both`);
  }
  if (attention) {
    css += `@keyframes ${name}-sign{${signalFrames(attention)}}`;
    const times = attention.times === 0 ? 'infinite' : attention.times;
    animations.push(`${name}-sign ${attention.duration}ms ${attention.easing} ${attention.delay}ms ${times}`);
  }
  if (animations.length > 0) css += `${selector}{animation:${animations.join(',')}}`;
  if (entrance?.inView) css += `${selector}[data-unseen]{animation-play-state:paused}`;
  if (exit) {
    css += `@keyframes ${name}-out{to{${away(exit)}}}`;
    css += `[data-leaving]${selector}{animation:${name}-out ${exit.duration}ms ${exit.easing} ${exit.delay}ms both}`;
  }
  if (css)
    css += `@media (prefers-reduced-motion:reduce){${selector}{animation:${still || 'none'}!important}}`;
  return css;
}

/** How long a widget takes to go, ms. */
export const exitTime = (motions: Motions | undefined): number =>
  motions?.exit ? motions.exit.duration + motions.exit.delay : 0;
