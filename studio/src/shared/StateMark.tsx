import { Flex } from '@chakra-ui/react';

const tones = { good: 'kelp', waiting: 'brass', bad: 'wine', quiet: 'slate' } as const;

interface Props {
  tone: keyof typeof tones;
  /** Whether the words may take several lines. */
  wraps?: boolean;
  children: React.ReactNode;
}

/** A state as a dot and a word; the word says it all, the dot only helps to find it. */
export function StateMark({ tone, wraps = false, children }: Props) {
  return (
    <Flex
      as="span"
      display="inline-flex"
      align={wraps ? 'baseline' : 'center'}
      gap="1.5"
      color={tones[tone]}
      fontWeight="500"
      whiteSpace={wraps ? 'normal' : 'nowrap'}
    >
      <svg width="8" height="8" aria-hidden style={{ flex: 'none', width: 8, height: 8 }}>
        <circle
          cx="4"
          cy="4"
          r="3.2"
          fill={tone === 'quiet' ? 'none' : 'currentColor'}
          stroke="currentColor"
        />
      </svg>
      <span>{children}</span>
    </Flex>
  );
}

/** The state of a widget in words. */
export function widgetState({
  publishedNumber,
  changedSince,
}: {
  publishedNumber: number | null;
  changedSince: boolean;
}) {
  if (publishedNumber === null) return <StateMark tone="waiting">Draft</StateMark>;
  if (changedSince) return <StateMark tone="waiting">Published · changes</StateMark>;
  return <StateMark tone="good">Published</StateMark>;
}
