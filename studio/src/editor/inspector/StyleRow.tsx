import { Box, Button, Flex, Text } from '@chakra-ui/react';
import { contrastOf, sourcesOf } from '@sirene/core/check';
import {
  brandTokens,
  resolveValue,
  styleProperties,
  type Brand,
  type StyleProperty,
  type Value,
} from '@sirene/core/style';
import type { Path } from '@sirene/core/widget';
import { RotateCcw } from 'lucide-react';
import { memo, useCallback } from 'react';
import { useDocument, useEditor, useSettledDocument } from '../state/editor.tsx';
import { StyleControl } from './controls.tsx';
import { Row } from './Row.tsx';

interface Props {
  /** The element, or null for the widget's own box. */
  element: string | null;
  part: string;
  name: string;
}

const rest = { screen: null, state: null };

/** One style property: its value, where that comes from, and the way back. */
export function StyleRow({ element, part, name }: Props) {
  const { session, brand } = useEditor();
  const document = useDocument();
  const property = styleProperties[name] as StyleProperty;
  const sources = sourcesOf(document, brand, element);
  const resolved = resolveValue(sources, part, name, rest, brandTokens(brand));
  const path: Path = element
    ? ['elements', element, 'style', part, 'base', name]
    : ['style', sources.role, part, 'base', name];
  const here = resolved?.origin.level === (element ? 'element' : 'widget');
  const key = path.join('.');
  const set = useCallback(
    (value: Value | undefined) => session.apply({ type: 'set', path: key.split('.'), value }, key),
    [session, key],
  );
  return (
    <Box>
      <StyleRowView
        property={property}
        value={resolved?.value}
        css={resolved?.css ?? ''}
        level={resolved?.origin.level}
        here={here}
        brand={brand}
        onSet={set}
      />
      {name === 'color' && element && <ContrastNote element={element} part={part} onRepair={set} />}
    </Box>
  );
}

interface ViewProps {
  property: StyleProperty;
  value: Value | undefined;
  css: string;
  level: keyof typeof levelNames | undefined;
  here: boolean;
  brand: Brand;
  onSet(value: Value | undefined): void;
}

// Drawn again only when its own value changes: an inspector shows a dozen of these at every key press.
const StyleRowView = memo(function StyleRowView({
  property,
  value,
  css,
  level,
  here,
  brand,
  onSet,
}: ViewProps) {
  return (
    <Row
      label={property.label}
      aside={<Origin here={here} level={level} label={property.label} onReset={() => onSet(undefined)} />}
    >
      {(id) => (
        <StyleControl id={id} property={property} value={value} css={css} brand={brand} onChange={onSet} />
      )}
    </Row>
  );
});

const levelNames = { brand: 'brand', look: 'look', widget: 'widget', element: 'here' } as const;

function Origin({
  here,
  level,
  label,
  onReset,
}: {
  here: boolean;
  level: keyof typeof levelNames | undefined;
  label: string;
  onReset: () => void;
}) {
  if (!here) {
    return (
      <Text
        color="slate"
        fontSize="12px"
        textAlign="end"
        title={level ? `Set by the ${level}` : 'Taken from what surrounds it'}
      >
        {level ? levelNames[level] : 'around'}
      </Text>
    );
  }
  return (
    <Button
      size="2xs"
      variant="ghost"
      colorPalette="plain"
      color="deep"
      px="0"
      gap="0.5"
      justifyContent="end"
      title="Set here. Press to take it back"
      aria-label={`${label} is set here. Reset`}
      onClick={onReset}
    >
      here
      <RotateCcw size={11} aria-hidden />
    </Button>
  );
}

function ContrastNote({
  element,
  part,
  onRepair,
}: {
  element: string;
  part: string;
  onRepair(colour: string): void;
}) {
  const { brand } = useEditor();
  const document = useSettledDocument();
  const { ratio, needed, repair } = contrastOf(document, brand, element, part);
  if (ratio >= needed) {
    return (
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
