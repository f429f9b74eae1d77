import type { FormulaType } from './formula/index.js';

interface Asked {
  key: string;
  gives: FormulaType;
  options?: readonly string[];
}

// By what a key speaks of, as designers name them; the rest is a text like any other.
const texts: readonly (readonly [RegExp, string])[] = [
  [/mail/, 'mira@stone.example'],
  [/-prefix$/, 'Dr'],
  [/-suffix$/, 'MSc'],
  [/middle|additional/, 'Jane'],
  [/first|given/, 'Mira'],
  [/last|family|surname/, 'Stone'],
  [/name/, 'Mira Stone'],
  [/phone|tel|mobile/, '+44 20 7946 0018'],
  [/date|day$/, '2027-01-12'],
  [/time/, '19:30'],
  [/street/, '4 Weir Lane'],
  [/postcode|zip/, 'LM4 2QX'],
  [/city|town/, 'Larkmoor'],
];

/**
 * What somebody might answer, to look at what follows before anybody has.
 *
 * @returns the text as it would be sent; several choices a line each
 * @example sampleAnswer({ key: 'email', gives: 'text' }) // 'mira@stone.example'
 */
export function sampleAnswer({ key, gives, options = [] }: Asked): string {
  if (gives === 'number') return '3';
  if (gives === 'truth') return 'Yes';
  if (gives === 'list') return options.slice(0, 2).join('\n');
  if (options.length > 0) return options[0] ?? '';
  return texts.find(([pattern]) => pattern.test(key))?.[1] ?? 'A sample answer';
}
