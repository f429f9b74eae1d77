import { valueAt } from '@sirene/core/base/maps';
import { Box, Flex } from '@chakra-ui/react';
import {
  brandTokens,
  conditionOf,
  resolveValue,
  styleProperties,
  type ConditionParts,
  type Look,
  type Role,
  type StyleProperty,
  type StyleSheet,
  type Value,
  setIn,
  groupsOf,
  partsOf,
  roleDefinitions,
  type StyleGroup,
} from '@sirene/core/style';
import { useMemo, useState } from 'react';
import { Choice } from '../shared/Choice.tsx';
import { Folded } from '../shared/Folded.tsx';
import { HereMark } from '../shared/HereMark.tsx';
import { Section } from '../shared/Section.tsx';
import { ConditionChoices } from '../shared/style/ConditionChoices.tsx';
import { originName } from '../shared/style/origins.ts';
import { ValueRow } from '../shared/style/ValueRow.tsx';
import { WidgetPreview } from '../shared/WidgetPreview.tsx';
import { lookPiece } from './sheet-pieces.ts';
import { useBrandEditing } from './brand-context.ts';

interface Props {
  id: string;
  look: Look;
  /** `of` names what changed. */
  onChange(look: Look, of: string): void;
}

/** Everything that a look says: of its role, and of what stands inside it. */
export function LookEditor({ id, look, onChange }: Props) {
  const [of, setOf] = useState<Role>(look.role);
  const [condition, setCondition] = useState<ConditionParts>({ screen: null, state: null });
  const { brand } = useBrandEditing();
  const { role, name } = look;
  const piece = useMemo(() => lookPiece(id, { role, name, style: {} }), [id, role, name]);
  const inside = (roleDefinitions[look.role].inside ?? []) as readonly Role[];
  const own = of === look.role;
  const sheet = own ? look.style : (look.inside?.[of] ?? {});
  const put = (next: StyleSheet, what: string) =>
    onChange(
      own ? { ...look, style: next } : { ...look, inside: { ...look.inside, [of]: next } },
      `${of} ${what}`,
    );
  return (
    <Box>
      <WidgetPreview
        document={piece.document}
        brand={brand}
        width={390}
        height={170}
        state={condition.state}
      />
      <Flex
        gap="1.5"
        px="3"
        py="2"
        borderBottomWidth="1px"
        bg="paper"
        role="group"
        aria-label="Values apply to"
      >
        {inside.length > 0 && (
          <Choice
            label="Part"
            value={of}
            options={{
              [look.role]: 'Element itself',
              ...Object.fromEntries(inside.map((role) => [role, `${roleDefinitions[role].name} inside`])),
            }}
            onChange={(next) => setOf(next as Role)}
          />
        )}
        <ConditionChoices condition={condition} onChange={setCondition} />
      </Flex>
      <SheetRows key={of} role={of} sheet={sheet} condition={condition} onChange={put} />
    </Box>
  );
}

interface SheetProps {
  role: Role;
  sheet: StyleSheet;
  condition: ConditionParts;
  onChange(sheet: StyleSheet, what: string): void;
}

function SheetRows({ role, sheet, condition, onChange }: SheetProps) {
  const at = conditionOf(condition);
  const set = (part: string, name: string, value: Value | undefined) =>
    onChange(withValue(sheet, part, at, name, value), `${part} ${at} ${name}`);
  return groupsOf(role, partsOf(role)).map((group, index) => {
    const names = [...group.properties, ...group.rare];
    const count = names.filter((name) => setIn(sheet, group.part, at, name) !== undefined).length;
    return (
      <Section key={group.title} title={group.title} open={index === 0 || count > 0} count={count}>
        <GroupRows role={role} sheet={sheet} condition={condition} group={group} onSet={set} />
      </Section>
    );
  });
}

interface GroupProps extends Omit<SheetProps, 'onChange'> {
  group: StyleGroup;
  onSet(part: string, name: string, value: Value | undefined): void;
}

function GroupRows({ role, sheet, condition, group, onSet }: GroupProps) {
  const { brand } = useBrandEditing();
  const { part, properties, rare } = group;
  const at = conditionOf(condition);
  const rows = (names: readonly string[]) =>
    names.map((name) => {
      const property = valueAt(styleProperties, name) as StyleProperty;
      const resolved = resolveValue({ role, element: sheet }, part, name, condition, brandTokens(brand));
      const isSet = setIn(sheet, part, at, name) !== undefined;
      const mark = isSet ? (
        <HereMark label={property.label} onReset={() => onSet(part, name, undefined)} />
      ) : (
        <Origin level={resolved ? 'brand' : null} inherited={property.inherited ?? false} />
      );
      return (
        <ValueRow
          key={name}
          property={property}
          resolved={resolved}
          brand={brand}
          aside={mark}
          onChange={(value) => onSet(part, name, value)}
        />
      );
    });
  const rareSet = rare.filter((name) => setIn(sheet, part, at, name) !== undefined).length;
  return (
    <>
      {rows(properties)}
      {rare.length > 0 && <Folded set={rareSet}>{rows(rare)}</Folded>}
    </>
  );
}

function withValue(
  sheet: StyleSheet,
  part: string,
  at: string,
  name: string,
  value: Value | undefined,
): StyleSheet {
  const { [name]: _, ...others } = valueAt(valueAt(sheet, part), at) ?? {};
  return {
    ...sheet,
    [part]: { ...valueAt(sheet, part), [at]: value === undefined ? others : { ...others, [name]: value } },
  };
}

function Origin({ level, inherited }: { level: 'brand' | null; inherited: boolean }) {
  const [name, Icon] = originName(level, inherited);
  return (
    <Box color="slate" justifySelf="center" title={`Origin: ${name}`}>
      <Icon size={13} aria-label={`Origin: ${name}`} />
    </Box>
  );
}
