import { Text } from '@chakra-ui/react';
import { definitionOf } from '@sirene/core/document/elements';
import { valueAt } from '@sirene/core/base/maps';
import { Choice } from '../../../shared/Choice.tsx';
import { useDocument, useEditing } from '../../state/editing.ts';
import { useSelection } from '../../state/selection.ts';
import type { PropertyControlProps } from './control-props.ts';

/** One of the brand's looks for the selected element. */
export function LookControl({ id, value = '', onChange }: PropertyControlProps<string>) {
  const { brand } = useEditing();
  const { selection } = useSelection();
  const element = valueAt(useDocument().elements, selection ?? '');
  const role = element && definitionOf(element).role(element);
  const looks = Object.entries(brand.looks).filter(([, look]) => look.role === role);
  if (looks.length === 0)
    return (
      <Text fontSize="13px" color="slate">
        No look yet. Style the element, then save its style as a look below.
      </Text>
    );
  return (
    <Choice
      id={id}
      value={value}
      unset="Choose a look"
      options={Object.fromEntries(looks.map(([look, { name }]) => [look, name]))}
      onChange={onChange}
    />
  );
}
