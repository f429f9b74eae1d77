import { Box, Button, Stack } from '@chakra-ui/react';
import { conditionOf, type Role, type StyleSheet } from '@sirene/core/style';
import { ChevronDown, ChevronUp } from 'lucide-react';
import { useState } from 'react';
import { useEditor } from '../../state/editor.tsx';
import { Section } from '../Section.tsx';
import { groupsOf, type StyleGroup } from './style-groups.ts';
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
export function StyleSections({ element, role, parts, own }: Props) {
  const { condition } = useEditor();
  const at = conditionOf(condition);
  const countIn = (part: string, names: readonly string[]) =>
    names.filter((name) => own?.[part]?.[at]?.[name] !== undefined).length;
  return groupsOf(role, parts).map((group, index) => {
    const count = countIn(group.part, [...group.properties, ...group.rare]);
    return (
      <Section key={group.title} title={group.title} open={index === 0 || count > 0} count={count}>
        <StyleGroupRows element={element} group={group} rareSet={countIn(group.part, group.rare)} />
      </Section>
    );
  });
}

function StyleGroupRows({
  element,
  group: { part, properties, rare },
  rareSet,
}: {
  element: string | null;
  group: StyleGroup;
  rareSet: number;
}) {
  const [open, setOpen] = useState(rareSet > 0);
  const rows = (names: readonly string[]) =>
    names.map((name) => <StyleRow key={name} element={element} part={part} name={name} />);
  const Icon = open ? ChevronUp : ChevronDown;
  return (
    <>
      {rows(properties)}
      {rare.length > 0 && (
        <Box>
          <Button
            size="2xs"
            variant="ghost"
            colorPalette="plain"
            color="slate"
            px="0"
            aria-expanded={open}
            onClick={() => setOpen(!open)}
          >
            <Icon size={13} aria-hidden />
            {open ? 'Less' : rareSet > 0 ? `More, ${rareSet} set` : 'More'}
          </Button>
        </Box>
      )}
      {open && rare.length > 0 && <Stack gap="2.5">{rows(rare)}</Stack>}
    </>
  );
}
