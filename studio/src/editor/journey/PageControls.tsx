import { Stack, Text } from '@chakra-ui/react';
import {
  conditionSpecs,
  specOf,
  targetingOf,
  targetingParts,
  type OtherCondition,
} from '@sirene/core/behaviour';
import { conditionWords } from '@sirene/core/review/sentence';
import { useDocument, useEditing } from '../state/editing.ts';
import { PatternList } from './PatternList.tsx';
import { RuleFields } from './RuleFields.tsx';
import { RuleList } from './RuleList.tsx';

const patternProblem = (pattern: string): string | null =>
  /^(\/|\*|https?:\/\/)/.test(pattern) ? null : 'starts with / or with https://';

/** Pages to include and to exclude. */
export function PageControls() {
  const { session } = useEditing();
  const { targeting } = useDocument().behaviour;
  const parts = targetingParts(targeting);
  const { include, exclude } = parts.pages;
  const set = (wanted: string[], unwanted: string[]) => {
    const value = targetingOf({ ...parts, pages: { include: wanted, exclude: unwanted } });
    session.apply({ type: 'set', path: ['behaviour', 'targeting'], value }, 'pages');
  };
  return (
    <Stack gap="4">
      <PatternList
        label="Include"
        help="One per line, such as /journal/*. Empty means every page."
        value={include}
        problem={patternProblem}
        onChange={(patterns) => set(patterns, exclude)}
      />
      <PatternList
        label="Exclude"
        help="Excluded pages never show it."
        value={exclude}
        problem={patternProblem}
        onChange={(patterns) => set(include, patterns)}
      />
    </Stack>
  );
}

const others = conditionSpecs.filter(({ type }) => type !== 'address');

/** Conditions on the visitor, all of which must hold. */
export function ConditionControls() {
  const { session } = useEditing();
  const { targeting } = useDocument().behaviour;
  const parts = targetingParts(targeting);
  const { conditions, rest } = parts;
  const set = (next: OtherCondition[]) => {
    const value = targetingOf({ ...parts, conditions: next });
    session.apply({ type: 'set', path: ['behaviour', 'targeting'], value }, 'conditions');
  };
  return (
    <Stack gap="4">
      {conditions.length + rest.length === 0 && <Text color="slate">Every visitor may see it.</Text>}
      {rest.length > 0 && (
        <Text color="slate">
          {rest.length === 1 ? 'Audience' : `${rest.length} groups`} of conditions from the widget’s file{' '}
          {rest.length === 1 ? 'holds' : 'hold'} as well. The sentence says them; nothing here changes them.
        </Text>
      )}
      <RuleList
        rules={conditions}
        words={(condition) => `visitors ${conditionWords(condition)}`}
        controls={(condition, change) => (
          <RuleFields spec={specOf(conditionSpecs, condition)} rule={condition} onChange={change} />
        )}
        offered={others}
        least={0}
        onChange={set}
      />
    </Stack>
  );
}
