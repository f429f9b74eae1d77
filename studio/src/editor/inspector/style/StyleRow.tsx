import { valueAt } from '@sirene/core/base/maps';
import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { contrastOf, sourcesOf } from '@sirene/core/review/check';
import { definitionOf } from '@sirene/core/document/elements';
import {
  aliasPath,
  brandTokens,
  conditionOf,
  resolveValue,
  styleProperties,
  type Role,
  type StyleProperty,
  type Value,
  roleDefinitions,
} from '@sirene/core/style';
import { readPath, type Operation, type Path, type WidgetDocument } from '@sirene/core/document/widget';
import { memo } from 'react';
import { useEditing, useReading, useSettledDocument } from '../../state/editing.ts';
import { useSelection } from '../../state/selection.ts';
import { useView } from '../../state/view.ts';
import { ValueRow } from '../../../shared/style/ValueRow.tsx';
import { OriginMark } from './OriginMark.tsx';

interface Props {
  /** The element, or null for the widget's own box. */
  element: string | null;
  part: string;
  name: string;
}

/** One style property: its value in the state and on the screen chosen, where that comes from, and the way back. */
export const StyleRow = memo(function StyleRow({ element, part, name }: Props) {
  const { brand } = useEditing();
  const { target } = useSelection();
  const { condition } = useView();
  const property = valueAt(styleProperties, name) as StyleProperty;
  const { role, resolved, isBordered } = useReading((document) => {
    const whole = sourcesOf(document, brand, element);
    const { element: _, ...shared } = whole;
    const sources = element !== null && target === 'element' ? whole : shared;
    return {
      role: whole.role,
      resolved: resolveValue(sources, part, name, condition, brandTokens(brand)) ?? null,
      isBordered:
        name !== 'borderColor' ||
        /[1-9]/.test(resolveValue(sources, part, 'borderWidth', condition, brandTokens(brand))?.css ?? ''),
    };
  });
  const { here, set } = useStyleValue(element, part, name, role);
  const colour = useStyleValue(element, part, 'color', role);
  const border = useStyleValue(element, part, 'borderWidth', role);
  // A border that has a colour and no width would not be seen.
  const setSeen = (value: Value | undefined) => {
    set(value);
    if (name === 'borderColor' && value !== undefined && value !== 'transparent' && !isBordered)
      border.set(1);
  };
  const isBackground = name === 'background' && bearsText(role, part);
  return (
    <Box>
      <OriginMark
        origin={resolved?.origin ?? null}
        here={here}
        label={property.label}
        inherited={property.inherited ?? false}
        onReset={() => set(undefined)}
      >
        {(mark) => (
          <ValueRow property={property} resolved={resolved} brand={brand} aside={mark} onChange={setSeen} />
        )}
      </OriginMark>
      {element && (name === 'color' || isBackground) && (
        <ContrastNote element={element} part={part} onlyPoor={isBackground} onRepair={colour.set} />
      )}
    </Box>
  );
});

/** Whether a property is set where the inspector writes to, and what sets it there. */
function useStyleValue(element: string | null, part: string, name: string, role: Role) {
  const { session } = useEditing();
  const { target, also } = useSelection();
  const { condition } = useView();
  const { here, paths } = useReading((document) => {
    const own = element !== null && target === 'element';
    const below = ['style', ...(own ? [] : [role]), part, conditionOf(condition), name];
    const ids = own ? [element, ...also.filter((id) => sameRole(document, id, role))] : [];
    const all: Path[] = own ? ids.map((id) => ['elements', id, ...below]) : [below];
    return { here: readPath(document, all[0] as Path) !== undefined, paths: all };
  });
  const set = (value: Value | undefined) => {
    const operations = paths.map((path): Operation => ({ type: 'set', path, value }));
    session.apply(
      operations.length === 1 ? (operations[0] as Operation) : { type: 'group', operations },
      paths.map((path) => path.join('.')).join(' '),
    );
  };
  return { here, set };
}

const bearsText = (role: Role, part: string): boolean =>
  roleDefinitions[role].groups.some((group) => group.part === part && group.properties.includes('color'));

function sameRole({ elements }: WidgetDocument, id: string, role: string): boolean {
  const element = valueAt(elements, id);
  return element !== undefined && definitionOf(element).role(element) === role;
}

function ContrastNote({
  element,
  part,
  onlyPoor,
  onRepair,
}: {
  element: string;
  part: string;
  /** Beside a background it is told only when it can't be read: the text's own colour says the rest. */
  onlyPoor: boolean;
  onRepair(colour: string): void;
}) {
  const { brand, images } = useEditing();
  const { condition } = useView();
  const document = useSettledDocument();
  const { ratio, needed, repair, brandRepairs, blendedBy } = contrastOf(
    document,
    brand,
    element,
    part,
    condition,
    images,
  );
  if (blendedBy !== undefined) {
    return onlyPoor ? null : (
      <Text mt="1" fontSize="12px" color="slate">
        Contrast can’t be measured: a blend mode changes the colours.
      </Text>
    );
  }
  if (ratio >= needed) {
    return onlyPoor ? null : (
      <Text mt="1" fontSize="12px" color="slate">
        Contrast {ratio.toFixed(1)}, needs {needed}
      </Text>
    );
  }
  return (
    <Flex mt="1" gap="2" align="center" fontSize="12px" color="wine" wrap="wrap">
      <span>
        Contrast {ratio.toFixed(1)}, needs {needed}
      </span>
      {[...brandRepairs.slice(0, 2), { alias: repair, colour: repair }].map(({ alias, colour }) => (
        <Button key={alias} size="2xs" variant="outline" colorPalette="plain" onClick={() => onRepair(alias)}>
          <Box as="span" w="10px" h="10px" rounded="xs" style={{ background: colour }} />
          Use {aliasPath(alias)?.split('.').at(-1) ?? colour}
        </Button>
      ))}
    </Flex>
  );
}
