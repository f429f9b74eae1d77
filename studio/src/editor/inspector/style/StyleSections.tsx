import {
  conditionOf,
  groupsOf,
  setIn,
  type Role,
  type StyleGroup,
  type StyleSheet,
} from '@sirene/core/style';
import { memo } from 'react';
import { useView } from '../../state/view.ts';
import { Folded } from '../../../shared/Folded.tsx';
import { Section } from '../../../shared/Section.tsx';
import { StyleRow } from './StyleRow.tsx';

interface Props {
  /** The element, or null for the widget's own box. */
  element: string | null;
  role: Role;
  parts: readonly string[];
  /** What the level that is being edited says. */
  own: StyleSheet | undefined;
  /** Properties of the box that would do nothing. */
  without?: ReadonlySet<string>;
}

/** Everything that can be styled of one role, in groups. */
export const StyleSections = memo(function StyleSections({ element, role, parts, own, without }: Props) {
  const { condition } = useView();
  const at = conditionOf(condition);
  // Of the widget's own box, size and surface are both what people come for.
  const opened = element === null ? 2 : 1;
  const countIn = (part: string, names: readonly string[]) =>
    names.filter((name) => setIn(own, part, at, name) !== undefined).length;
  return groupsOf(role, parts, without).map((group, index) => {
    const count = countIn(group.part, [...group.properties, ...group.rare]);
    return (
      <Section key={group.title} title={group.title} open={index < opened || count > 0} count={count}>
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
