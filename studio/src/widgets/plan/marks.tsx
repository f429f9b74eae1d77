import { Flex, Text } from '@chakra-ui/react';
import type { Clash, Presence } from '@sirene/core/rehearse/plan';

/** What a mark of the plan is called. */
export const presenceNames: Readonly<Record<Presence, string>> = {
  all: 'every visitor',
  some: 'some visitors',
  asked: 'when opened by a link or script',
  never: 'nobody',
};

/** Whether the clashes of a widget on a page are decided, or not all of them. */
export type ClashState = 'none' | 'decided' | 'undecided';

export const clashState = (clashes: readonly Clash[]): ClashState =>
  clashes.length === 0 ? 'none' : clashes.every(({ first }) => first) ? 'decided' : 'undecided';

const shapes: Readonly<Record<Presence, string>> = {
  all: '<circle cx="7" cy="9" r="5.5"/>',
  some: '<circle cx="7" cy="9" r="5" fill="none" stroke="#000" stroke-width="1.4"/><path d="M7 4a5 5 0 0 1 0 10z"/>',
  asked:
    '<circle cx="7" cy="9" r="4.5" fill="none" stroke="#000" stroke-width="1.2" stroke-dasharray="2 2"/>',
  never: '<circle cx="7" cy="9" r="1"/>',
};
const corner = '<path d="M17.5 2l4.5 8h-9z"/>';

const drawn = (shape: string) =>
  `url("data:image/svg+xml,${encodeURIComponent(`<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 22 18">${shape}</svg>`)}")`;

/**
 * Who may see a widget on a page, as a shape: full, half, a ring, nothing; a clash adds a corner. Drawn as a mask before what
 * has `data-presence` and `data-clash`: an SVG in each of 300 cells took half of the time of a frame (bench/plan).
 */
export const markLooks = {
  '&[data-presence]::before': {
    content: '""',
    flexShrink: '0',
    width: '22px',
    height: '18px',
    bg: 'slate',
    mask: 'var(--mark) no-repeat center',
  },
  ...Object.fromEntries(
    (Object.keys(shapes) as Presence[]).flatMap((presence) => [
      [`&[data-presence=${presence}]`, { '--mark': drawn(shapes[presence]) }],
      [`&[data-presence=${presence}]:not([data-clash=none])`, { '--mark': drawn(shapes[presence] + corner) }],
    ]),
  ),
  '&[data-presence=never][data-clash=none]::before': { bg: 'line' },
  '&[data-clash=decided]::before': { bg: 'brass' },
  '&[data-clash=undecided]::before': { bg: 'wine' },
};

/** What the marks of the plan say. */
export function Legend() {
  const marks: [Presence, ClashState, string][] = [
    ['all', 'none', 'Every visitor'],
    ['some', 'none', 'Some visitors'],
    ['asked', 'none', 'Only when opened'],
    ['some', 'undecided', 'Undecided clash'],
    ['some', 'decided', 'Decided by priority'],
  ];
  return (
    <Flex gap="4" wrap="wrap">
      {marks.map(([presence, clash, label]) => (
        <Flex key={label} gap="1" align="center">
          <Flex as="span" aria-hidden data-presence={presence} data-clash={clash} css={markLooks} />
          <Text fontSize="13px" color="slate">
            {label}
          </Text>
        </Flex>
      ))}
    </Flex>
  );
}
