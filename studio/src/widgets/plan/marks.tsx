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

const colours = {
  none: 'currentColor',
  decided: 'var(--chakra-colors-brass)',
  undecided: 'var(--chakra-colors-wine)',
};

/** Who may see a widget on a page, as a shape: full, half, a ring, nothing; a clash adds a corner. */
export function PresenceMark({ presence, clash }: { presence: Presence; clash: ClashState }) {
  const colour = colours[clash];
  return (
    <svg
      width="22"
      height="18"
      viewBox="0 0 22 18"
      aria-hidden
      style={{ color: 'var(--chakra-colors-slate)' }}
    >
      {presence === 'all' && <circle cx="9" cy="9" r="5.5" fill={colour} />}
      {presence === 'some' && (
        <>
          <circle cx="9" cy="9" r="5" fill="none" stroke={colour} strokeWidth="1.4" />
          <path d="M9 4a5 5 0 0 1 0 10z" fill={colour} />
        </>
      )}
      {presence === 'asked' && (
        <circle cx="9" cy="9" r="4.5" fill="none" stroke={colour} strokeWidth="1.2" strokeDasharray="2 2" />
      )}
      {presence === 'never' && <circle cx="9" cy="9" r="1" fill="var(--chakra-colors-line)" />}
      {clash !== 'none' && (
        <path
          d="M16 3l5 9h-10z"
          transform="translate(-1 -1) scale(.95)"
          fill={colour}
          stroke="var(--chakra-colors-sheet)"
        />
      )}
    </svg>
  );
}

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
          <PresenceMark presence={presence} clash={clash} />
          <Text fontSize="13px" color="slate">
            {label}
          </Text>
        </Flex>
      ))}
    </Flex>
  );
}
