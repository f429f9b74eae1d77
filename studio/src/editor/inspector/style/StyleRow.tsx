import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { contrastOf, sourcesOf } from '@sirene/core/check';
import { definitionOf } from '@sirene/core/elements';
import {
  brandTokens,
  conditionOf,
  resolveValue,
  styleProperties,
  type Brand,
  type Origin,
  type Role,
  type StyleProperty,
  type Value,
} from '@sirene/core/style';
import { readPath, type Operation, type Path } from '@sirene/core/widget';
import { memo, useCallback } from 'react';
import { useDocument, useEditor, useSettledDocument } from '../../state/editor.tsx';
import { Row } from '../../../shared/Row.tsx';
import { styleGroups } from '../../../shared/style/style-groups.ts';
import { StyleControl } from '../../../shared/style/controls.tsx';
import { OriginMark } from './OriginMark.tsx';

interface Props {
  /** The element, or null for the widget's own box. */
  element: string | null;
  part: string;
  name: string;
}

/** One style property: its value in the state and on the screen chosen, where that comes from, and the way back. */
export function StyleRow({ element, part, name }: Props) {
  const { brand, condition, target } = useEditor();
  const document = useDocument();
  const property = styleProperties[name] as StyleProperty;
  const whole = sourcesOf(document, brand, element);
  const { element: _, ...shared } = whole;
  const sources = element !== null && target === 'element' ? whole : shared;
  const resolved = resolveValue(sources, part, name, condition, brandTokens(brand));
  const { here, set } = useStyleValue(element, part, name, whole.role);
  const colour = useStyleValue(element, part, 'color', whole.role);
  const isGround = name === 'background' && bearsText(whole.role, part);
  return (
    <Box>
      <StyleRowView
        property={property}
        value={resolved?.value}
        css={resolved?.css ?? ''}
        origin={JSON.stringify(resolved?.origin ?? null)}
        here={here}
        brand={brand}
        onSet={set}
      />
      {element && (name === 'color' || isGround) && (
        <ContrastNote element={element} part={part} onlyPoor={isGround} onRepair={colour.set} />
      )}
    </Box>
  );
}

/** Whether a property is set where the inspector writes to, and what sets it there. */
function useStyleValue(element: string | null, part: string, name: string, role: Role) {
  const { session, condition, target, also } = useEditor();
  const document = useDocument();
  const own = element !== null && target === 'element';
  const below: Path = ['style', ...(own ? [] : [role]), part, conditionOf(condition), name];
  const ids = own ? [element, ...also.filter((id) => sameRole(document, id, role))] : [];
  const paths = own ? ids.map((id) => ['elements', id, ...below].join('.')) : [below.join('.')];
  const here = readPath(document, (paths[0] as string).split('.')) !== undefined;
  const key = paths.join(' ');
  const set = useCallback(
    (value: Value | undefined) => {
      const operations = key
        .split(' ')
        .map((path): Operation => ({ type: 'set', path: path.split('.'), value }));
      session.apply(
        operations.length === 1 ? (operations[0] as Operation) : { type: 'group', operations },
        key,
      );
    },
    [session, key],
  );
  return { here, set };
}

const bearsText = (role: Role, part: string): boolean =>
  styleGroups[role].some((group) => group.part === part && group.properties.includes('color'));

function sameRole({ elements }: ReturnType<typeof useDocument>, id: string, role: string): boolean {
  const element = elements[id];
  return element !== undefined && definitionOf(element).role(element) === role;
}

interface ViewProps {
  property: StyleProperty;
  value: Value | undefined;
  css: string;
  /** As JSON, so that an origin that is the same is seen to be. */
  origin: string;
  here: boolean;
  brand: Brand;
  onSet(value: Value | undefined): void;
}

// Drawn again only when its own value changes: an inspector shows dozens of these at every key press.
const StyleRowView = memo(
  function StyleRowView({ property, value, css, origin, here, brand, onSet }: ViewProps) {
    return (
      <OriginMark
        origin={JSON.parse(origin) as Origin | null}
        here={here}
        label={property.label}
        inherited={property.inherited ?? false}
        onReset={() => onSet(undefined)}
      >
        {(mark) => (
          <Row label={property.label} aside={mark} above={property.kind === 'gradient'}>
            {(id) => (
              <StyleControl
                id={id}
                property={property}
                value={value}
                css={css}
                brand={brand}
                onChange={onSet}
              />
            )}
          </Row>
        )}
      </OriginMark>
    );
  },
  (one, other) =>
    one.property === other.property &&
    String(one.value) === String(other.value) &&
    Array.isArray(one.value) === Array.isArray(other.value) &&
    one.css === other.css &&
    one.origin === other.origin &&
    one.here === other.here &&
    one.brand === other.brand &&
    one.onSet === other.onSet,
);

function ContrastNote({
  element,
  part,
  onlyPoor,
  onRepair,
}: {
  element: string;
  part: string;
  /** Beside a ground it is told only when it can't be read: the text's own colour says the rest. */
  onlyPoor: boolean;
  onRepair(colour: string): void;
}) {
  const { brand, condition, pictures } = useEditor();
  const document = useSettledDocument();
  const { ratio, needed, repair } = contrastOf(document, brand, element, part, condition, pictures);
  if (ratio >= needed) {
    return onlyPoor ? null : (
      <Text ms="100px" mt="1" fontSize="12px" color="slate">
        Contrast {ratio.toFixed(1)}, needs {needed}
      </Text>
    );
  }
  return (
    <Flex ms="100px" mt="1" gap="2" align="center" fontSize="12px" color="wine" wrap="wrap">
      <span>
        Contrast {ratio.toFixed(1)}, needs {needed}
      </span>
      <Button size="2xs" variant="outline" colorPalette="plain" onClick={() => onRepair(repair)}>
        <Box as="span" w="10px" h="10px" rounded="xs" style={{ background: repair }} />
        Use {repair}
      </Button>
    </Flex>
  );
}
