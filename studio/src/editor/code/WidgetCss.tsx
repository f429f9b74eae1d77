import { Box, Stack, Text } from '@chakra-ui/react';
import { checkCss, type CssProblem } from '@sirene/core/compile/foreign';
import { classesOf } from '@sirene/core/compile';
import { useMemo } from 'react';
import { useEditing, useSettledDocument, useValueAt } from '../state/editing.ts';
import { cssExtensions } from './css-extensions.ts';
import { CodeControl } from './CodeControl.tsx';

const path = ['css'];

/** A style sheet of the designer's own for this widget, checked while it is typed. */
export function WidgetCss() {
  const { session } = useEditing();
  const document = useSettledDocument();
  const source = (useValueAt(path) as string | undefined) ?? '';
  const classes = useMemo(() => classesOf(document), [document]);
  const problems = useMemo(
    () => checkCss(source, { classes: new Set(classes.keys()) }).problems,
    [source, classes],
  );
  // Made anew only when a name comes or goes: the field starts over with it.
  const names = JSON.stringify([...classes]);
  const extensions = useMemo(() => cssExtensions(new Map(JSON.parse(names) as [string, string][])), [names]);
  return (
    <Stack gap="2">
      <Text fontSize="12px" color="slate">
        Applies to this widget only. Type a dot for the names of its parts.
      </Text>
      <CodeControl
        label="Custom CSS"
        value={source}
        height="190px"
        extensions={extensions}
        onChange={(text) => session.apply({ type: 'set', path, value: text || undefined }, 'css')}
      />
      <Problems problems={problems} />
    </Stack>
  );
}

function Problems({ problems }: { problems: readonly CssProblem[] }) {
  if (problems.length === 0) return null;
  return (
    <Box as="ul" role="status" aria-label="CSS problems" listStyleType="none" fontSize="12px" color="wine">
      {problems.slice(0, 8).map(({ line, column, reason }) => (
        <li key={`${line} ${column} ${reason}`}>
          Line {line}: {reason}
        </li>
      ))}
      {problems.length > 8 && <li>and {problems.length - 8} more. What can’t be used is left out.</li>}
    </Box>
  );
}
