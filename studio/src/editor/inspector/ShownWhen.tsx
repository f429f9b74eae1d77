import { Text } from '@chakra-ui/react';
import type { FormTree } from '@sirene/core/form';
import { formAround } from '@sirene/core/document/widget';
import { leavesOf } from '@sirene/core/behaviour';
import { Section } from '../../shared/Section.tsx';
import { useEditing, useSettledDocument, useValueAt } from '../state/editing.ts';
import { AnswersControl } from './property/AnswersControl.tsx';

/** The answers on which it depends whether an element of a form is shown; nothing for elements outside of one. */
export function ShownWhen({ id }: { id: string }) {
  const { session } = useEditing();
  const { elements } = useSettledDocument();
  const path = ['elements', id, 'when'];
  const when = useValueAt(path) as FormTree | undefined;
  if (formAround(elements, id) === undefined) return null;
  return (
    <Section title="Shown when" open={when !== undefined} count={when ? leavesOf(when).length : 0}>
      <AnswersControl
        id={`${id}-when`}
        property={{ path: ['when'], label: 'Shown when', control: 'answers' }}
        value={when}
        onChange={(value) => session.apply({ type: 'set', path, value }, path.join('.'))}
      />
      <Text color="slate" fontSize="12px">
        While it is not shown, what it asks for is neither required nor sent.
      </Text>
    </Section>
  );
}
