import { Button, Flex, Stack, Text } from '@chakra-ui/react';
import { conditionSpecs, type Condition } from '@sirene/core/behaviour';
import { conditionWords, otherConditions, pagePatterns, withPagePatterns } from '@sirene/core/sentence';
import { NumberRow } from '../inspector/PlacementControls.tsx';
import { useDocument, useEditor } from '../state/editor.tsx';
import { PatternList } from './PatternList.tsx';

const patternProblem = (pattern: string): string | null =>
  /^(\/|\*|https?:\/\/)/.test(pattern) ? null : 'starts with / or with https://';

/** Pages to include and to exclude. */
export function PageControls() {
  const { session } = useEditor();
  const { targeting } = useDocument().behaviour;
  const { include, exclude } = pagePatterns(targeting);
  const set = (wanted: string[], unwanted: string[]) =>
    session.apply(
      { type: 'set', path: ['behaviour', 'targeting'], value: withPagePatterns(targeting, wanted, unwanted) },
      'pages',
    );
  return (
    <Stack gap="4">
      <PatternList
        label="Include"
        help="One a line, such as /journal/*. Left empty, every page."
        value={include}
        problem={patternProblem}
        onChange={(patterns) => set(patterns, exclude)}
      />
      <PatternList
        label="Exclude"
        help="These never show it, whatever is included."
        value={exclude}
        problem={patternProblem}
        onChange={(patterns) => set(include, patterns)}
      />
    </Stack>
  );
}

type Other = Exclude<Condition, { type: 'address' }>;

/** Conditions on the visitor, all of which must hold. */
export function ConditionControls() {
  const { session } = useEditor();
  const { targeting } = useDocument().behaviour;
  const { include, exclude } = pagePatterns(targeting);
  const conditions = otherConditions(targeting);
  const set = (next: Other[]) => {
    const value = withPagePatterns({ all: next }, include, exclude);
    session.apply({ type: 'set', path: ['behaviour', 'targeting'], value }, 'conditions');
  };
  const change = (at: number, condition: Other) => set(conditions.with(at, condition));
  const offered = conditionSpecs.filter(
    ({ type }) => type !== 'address' && !conditions.some((one) => one.type === type),
  );
  return (
    <Stack gap="4">
      {conditions.length === 0 && <Text color="slate">It may appear to every visitor.</Text>}
      {conditions.map((condition, at) => (
        <Stack key={condition.type} gap="2" borderBottomWidth="1px" pb="3">
          <Flex justify="space-between" align="center">
            <Text fontWeight="600">Visitors {conditionWords(condition)}</Text>
            <Button
              size="2xs"
              variant="outline"
              colorPalette="plain"
              onClick={() => set(conditions.toSpliced(at, 1))}
            >
              Remove
            </Button>
          </Flex>
          {condition.type === 'pages-seen' && (
            <NumberRow
              label="From page"
              unit="nth"
              min={1}
              max={1000}
              value={condition.atLeast}
              onChange={(atLeast) => change(at, { ...condition, atLeast })}
            />
          )}
          {condition.type === 'width' && (
            <>
              <NumberRow
                label="From"
                unit="px"
                min={0}
                max={20000}
                value={condition.from}
                onChange={(from) => change(at, { ...condition, from })}
              />
              <NumberRow
                label="To"
                unit="px"
                min={0}
                max={20000}
                value={condition.to}
                onChange={(to) => change(at, { ...condition, to })}
              />
            </>
          )}
        </Stack>
      ))}
      <Flex gap="2">
        {offered.map((spec) => (
          <Button
            key={spec.type}
            size="xs"
            variant="outline"
            colorPalette="plain"
            onClick={() => set([...conditions, spec.create() as Other])}
          >
            Add: {spec.label}
          </Button>
        ))}
      </Flex>
    </Stack>
  );
}
