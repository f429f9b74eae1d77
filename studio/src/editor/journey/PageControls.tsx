import { Stack, Text } from '@chakra-ui/react';
import {
  conditionSpecs,
  isPattern,
  targetingOf,
  targetingParts,
  type Targeting,
} from '@sirene/core/behaviour';
import { neverMatches } from '@sirene/core/rehearse/plan';
import { conditionWords, treeWords } from '@sirene/core/review/sentence';
import { useMemo } from 'react';
import { useDocument, useEditing } from '../state/editing.ts';
import { PatternList } from '../../shared/PatternList.tsx';
import { ConditionTree } from './ConditionTree.tsx';

const patternProblem = (pattern: string): string | null =>
  isPattern(pattern) ? null : 'starts with / or with https://';

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
      <Text color="slate" fontSize="13px">
        Page type and chosen pages are conditions: add them under Visitors.
      </Text>
    </Stack>
  );
}

const nodeWords = (node: Targeting): string => {
  const said = treeWords(node);
  return said === '(nobody)' ? 'a group without conditions' : said;
};

/** The whole tree of conditions on page and visitor. */
export function ConditionControls() {
  const { session } = useEditing();
  const { targeting } = useDocument().behaviour;
  const set = (value: Targeting) =>
    session.apply({ type: 'set', path: ['behaviour', 'targeting'], value }, 'conditions');
  const never = useMemo(() => neverMatches(targeting), [targeting]);
  return (
    <Stack gap="3" maxH="52vh" overflow="auto" tabIndex={-1}>
      <ConditionTree
        tree={targeting}
        onChange={(tree) => set(tree as Targeting)}
        specs={conditionSpecs}
        words={(condition) => conditionWords(condition as never)}
      />
      {never && (
        <Text role="alert" color="wine">
          Nobody can match: {never.nodes.map(nodeWords).join(' and ')}.
        </Text>
      )}
    </Stack>
  );
}
