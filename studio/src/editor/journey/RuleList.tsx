import { Button, Flex, Stack, Text } from '@chakra-ui/react';
import { useRef } from 'react';
import { keepFocus } from '../../shared/keep-focus.ts';
import { AddRule } from './AddRule.tsx';

interface Props<R extends { type: string }> {
  rules: readonly R[];
  /** The rule in words. */
  words(rule: R): string;
  /** Controls of one rule, where it has any. */
  controls(rule: R, change: (rule: R) => void): React.ReactNode;
  /** What can be added, and what one of them is called. */
  offered: readonly { type: string; label: string; create(): object }[];
  one: string;
  /** How many there have to be at least. */
  least: 0 | 1;
  onChange(rules: R[]): void;
}

/** Rules of several kinds: changed, removed and added one by one. */
export function RuleList<R extends { type: string }>({
  rules,
  words,
  controls,
  offered,
  one,
  least,
  onChange,
}: Props<R>) {
  const list = useRef<HTMLDivElement>(null);
  return (
    <Stack ref={list} gap="3" tabIndex={-1} outline="none">
      {rules.map((rule, at) => (
        // The place among its kind tells it from its like, so that what is typed into one stays there.
        <Stack
          key={`${rule.type} ${rules.slice(0, at).filter(({ type }) => type === rule.type).length}`}
          gap="2"
          borderBottomWidth="1px"
          pb="3"
        >
          <Flex justify="space-between" align="center" gap="2">
            <Text fontWeight="600" minW="0" overflowWrap="anywhere">
              {sentenceCase(words(rule))}
            </Text>
            <Button
              size="2xs"
              variant="outline"
              colorPalette="plain"
              disabled={rules.length === least}
              aria-label={`Remove: ${words(rule)}`}
              onClick={() => {
                onChange(rules.toSpliced(at, 1));
                keepFocus(list.current);
              }}
            >
              Remove
            </Button>
          </Flex>
          {controls(rule, (changed) => onChange(rules.with(at, changed)))}
        </Stack>
      ))}
      <AddRule
        label={`Add ${one}`}
        offered={offered}
        onAdd={(create) => onChange([...rules, create() as R])}
      />
    </Stack>
  );
}

/** @example sentenceCase('on page load') // 'On page load' */
export const sentenceCase = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
