import { conditionOf, setIn, type Role, type StyleSheet } from '@sirene/core/style';
import { memo } from 'react';
import { useEditor } from '../../state/editor.tsx';
import { Folded } from '../../../shared/Folded.tsx';
import { Section } from '../../../shared/Section.tsx';
import { groupsOf, type StyleGroup } from '../../../shared/style/style-groups.ts';
import { StyleRow } from './StyleRow.tsx';

interface Props {
  /** The element, or null for the widget's own box. */
  element: string | null;
  role: Role;
  parts: readonly string[];
  /** What the level that is being edited says. */
  own: StyleSheet | undefined;
}

/** Everything that can be styled of one role, in groups. */
export const StyleSections = memo(function StyleSections({ element, role, parts, own }: Props) {
  const { condition } = useEditor();
  const at = conditionOf(condition);
  const countIn = (part: string, names: readonly string[]) =>
    names.filter((name) => setIn(own, part, at, name) !== undefined).length;
  return groupsOf(role, parts).map((group, index) => {
    const count = countIn(group.part, [...group.properties, ...group.rare]);
    return (
      <Section key={group.title} title={group.title} open={index === 0 || count > 0} count={count}>
        <StyleGroupRows element={element} group={group} rareSet={countIn(group.part, group.rare)} />
      </Section>
    );
  });
});

function StyleGroupRows({
  element,
  group: { part, properties, rare },
  rareSet,
}: {
  element: string | null;
  group: StyleGroup;
  rareSet: number;
}) {
  const rows = (names: readonly string[]) =>
    names.map((name) => <StyleRow key={name} element={element} part={part} name={name} />);
  return (
    <>
      {rows(properties)}
      {rare.length > 0 && <Folded set={rareSet}>{rows(rare)}</Folded>}
    </>
  );
}
