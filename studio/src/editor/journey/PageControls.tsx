import { Stack, Text } from '@chakra-ui/react';
import { conditionSpecs, type Condition } from '@sirene/core/behaviour';
import { conditionWords, otherConditions, pagePatterns, withPagePatterns } from '@sirene/core/sentence';
import { NumberRow } from '../inspector/NumberRow.tsx';
import { useDocument, useEditor } from '../state/editor.tsx';
import { PatternList } from './PatternList.tsx';
import { RuleList } from './RuleList.tsx';

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

const others = conditionSpecs.filter(({ type }) => type !== 'address');

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
  return (
    <Stack gap="4">
      {conditions.length === 0 && <Text color="slate">It may appear to every visitor.</Text>}
      <RuleList
        rules={conditions}
        words={(condition) => `visitors ${conditionWords(condition)}`}
        controls={(condition, change) => <ConditionFields condition={condition} onChange={change} />}
        offered={others}
        least={0}
        onChange={set}
      />
    </Stack>
  );
}

function ConditionFields({ condition, onChange }: { condition: Other; onChange(condition: Other): void }) {
  if (condition.type === 'pages-seen') {
    const change = (atLeast: number) => onChange({ ...condition, atLeast });
    return (
      <NumberRow
        label="From page"
        unit="nth"
        min={1}
        max={1000}
        value={condition.atLeast}
        onChange={change}
      />
    );
  }
  const width = (end: 'from' | 'to') => (value: number) => onChange({ ...condition, [end]: value });
  return (
    <>
      <NumberRow label="From" unit="px" min={0} max={20000} value={condition.from} onChange={width('from')} />
      <NumberRow label="To" unit="px" min={0} max={20000} value={condition.to} onChange={width('to')} />
    </>
  );
}
