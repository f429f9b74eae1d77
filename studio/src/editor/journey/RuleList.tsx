import { Button, Flex, Stack, Text } from '@chakra-ui/react';

interface Props<R extends { type: string }> {
  rules: readonly R[];
  /** The rule in words. */
  words(rule: R): string;
  /** Controls of one rule, where it has any. */
  controls(rule: R, change: (rule: R) => void): React.ReactNode;
  /** What can still be added. */
  offered: readonly { type: string; label: string; create(): object }[];
  /** How many there have to be at least. */
  least: 0 | 1;
  onChange(rules: R[]): void;
}

/** Rules of several kinds, at most one of each: changed, removed and added one by one. */
export function RuleList<R extends { type: string }>({
  rules,
  words,
  controls,
  offered,
  least,
  onChange,
}: Props<R>) {
  return (
    <>
      {rules.map((rule, at) => (
        <Stack key={rule.type} gap="2" borderBottomWidth="1px" pb="3">
          <Flex justify="space-between" align="center">
            <Text fontWeight="600">{sentenceCase(words(rule))}</Text>
            <Button
              size="2xs"
              variant="outline"
              colorPalette="plain"
              disabled={rules.length === least}
              aria-label={`Remove: ${words(rule)}`}
              onClick={() => onChange(rules.toSpliced(at, 1))}
            >
              Remove
            </Button>
          </Flex>
          {controls(rule, (changed) => onChange(rules.with(at, changed)))}
        </Stack>
      ))}
      <Flex gap="2" wrap="wrap">
        {offered
          .filter(({ type }) => !rules.some((rule) => rule.type === type))
          .map(({ type, label, create }) => (
            <Button
              key={type}
              size="xs"
              variant="outline"
              colorPalette="plain"
              onClick={() => onChange([...rules, create() as R])}
            >
              Add: {label}
            </Button>
          ))}
      </Flex>
    </>
  );
}

const sentenceCase = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
