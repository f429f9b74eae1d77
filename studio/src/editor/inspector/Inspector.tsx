import { valueAt } from '@sirene/core/base/maps';
import { Box, Button, Flex, Heading, Input, Text } from '@chakra-ui/react';
import { definitionOf, isUnknownElement, type Element } from '@sirene/core/document/elements';
import { closingOf, hasBackdrop, type Placement } from '@sirene/core/document/placement';
import { placementSheet, remainsOf } from '@sirene/core/compile';
import { surfaceRole } from '@sirene/core/document/placement';
import { Copy, PaintBucket, Paintbrush, Trash2 } from 'lucide-react';
import { lazy, Suspense } from 'react';
import { keysOf } from '../../app/keymap.ts';
import { useElementCommands } from '../commands.ts';
import { useEditing, useSettledDocument, useValueAt } from '../state/editing.ts';
import { useSelection } from '../state/selection.ts';
import { useView } from '../state/view.ts';
import { KeepOnShelf } from './KeepOnShelf.tsx';
import { LaterRow } from './LaterRow.tsx';
import { MotionControls } from './MotionControls.tsx';
import { ClosingControls, PlacementControls } from './PlacementControls.tsx';
import { PropertySections } from './property/PropertyRows.tsx';
import { ShownWhen } from './ShownWhen.tsx';
import { RegionControls } from './RegionControls.tsx';
import { defaultLanguage, type Language } from '@sirene/core/base/messages';
import { Choice } from '../../shared/Choice.tsx';
import { languageNames } from '../../shared/language-names.ts';
import { Row } from '../../shared/Row.tsx';
import { Section } from '../../shared/Section.tsx';
import { ConditionBar } from './style/ConditionBar.tsx';
import { LookRow } from './style/LookRow.tsx';
import { StyleSections } from './style/StyleSections.tsx';

const WidgetCss = lazy(async () => ({ default: (await import('../code/WidgetCss.tsx')).WidgetCss }));

/** What the selection is made of, grouped by what people ask for. */
export function Inspector() {
  const { selection } = useSelection();
  const document = useSettledDocument();
  const element = selection === null ? undefined : valueAt(document.elements, selection);
  return (
    <Box as="section" aria-label="Inspector" bg="sheet" overflow="auto" minH="0" contain="strict">
      {selection !== null && element ? (
        <ElementInspector key={selection} id={selection} element={element} />
      ) : (
        <WidgetInspector />
      )}
    </Box>
  );
}

function Title({ children, actions }: { children: string; actions?: React.ReactNode }) {
  return (
    <Flex
      align="center"
      justify="space-between"
      px="3"
      h="36px"
      borderBottomWidth="1px"
      position="sticky"
      top="0"
      bg="sheet"
      zIndex="1"
    >
      <Heading as="h2" fontSize="14px" fontWeight="600" truncate>
        {children}
      </Heading>
      {actions}
    </Flex>
  );
}

function ElementInspector({ id, element }: { id: string; element: Element }) {
  const definition = definitionOf(element);
  const { target, also } = useSelection();
  const document = useSettledDocument();
  const { duplicateSelected, removeSelected, copyStyle, putStyle } = useElementCommands();
  const role = definition.role(element);
  const parts = definition.used?.(element) ?? definition.parts;
  const tool = (label: string, key: string, icon: React.ReactNode, press: () => void) => (
    <Button
      size="2xs"
      variant="ghost"
      colorPalette="plain"
      aria-label={label}
      title={`${label} (${key})`}
      onClick={press}
    >
      {icon}
    </Button>
  );
  return (
    <>
      <Title
        actions={
          <Flex>
            <KeepOnShelf id={id} />
            {tool('Copy style', keysOf('copyStyle'), <Paintbrush size={14} aria-hidden />, copyStyle)}
            {tool('Paste style', keysOf('pasteStyle'), <PaintBucket size={14} aria-hidden />, putStyle)}
            {tool('Duplicate', keysOf('duplicate'), <Copy size={14} aria-hidden />, duplicateSelected)}
            {tool('Remove', keysOf('remove'), <Trash2 size={14} aria-hidden />, removeSelected)}
          </Flex>
        }
      >
        {also.length > 0 ? `${definition.label} and ${also.length} more` : definition.label}
      </Title>
      {isUnknownElement(element) ? (
        <Text p="3" color="slate">
          A newer version of Sirene made this. It is kept as it is, and not shown to visitors.
        </Text>
      ) : (
        <>
          <PropertySections at={['elements', id]} properties={definition.properties} owner={element} />
          <ShownWhen id={id} />
          <ConditionBar element roleName={definition.label.toLowerCase()} />
          <LookRow element={id} role={role} />
          <StyleSections
            element={id}
            role={role}
            parts={parts}
            own={target === 'element' ? element.style : document.style[role]}
          />
          <Section title="Motion" open={false} count={Object.keys(element.motion ?? {}).length}>
            <MotionControls at={['elements', id, 'motion']} inView />
            <LaterRow id={id} />
          </Section>
          <Section title="Class" open={false} count={element.class ? 1 : 0}>
            <ClassRow id={id} />
          </Section>
        </>
      )}
    </>
  );
}

function WidgetInspector() {
  const document = useSettledDocument();
  const { select } = useSelection();
  const { scene } = useView();
  const { placement, regions, style, motion, css } = document;
  const role = surfaceRole(placement);
  const parts = [
    'box',
    'body',
    ...(hasBackdrop(placement) ? ['backdrop'] : []),
    ...(closingOf(placement)?.button ? ['close'] : []),
    ...(placement.type === 'launcher' || remainsOf(document) !== null ? ['launcher'] : []),
    ...(regions?.header ? ['header'] : []),
    ...(regions?.footer ? ['footer'] : []),
  ];
  const root = document.scenes[scene]?.root;
  return (
    <>
      <Title>Widget</Title>
      <Section title="Name">
        <NameRow />
        <LanguageRow />
      </Section>
      <Section title="Placement">
        <PlacementControls />
      </Section>
      {closingOf(placement) && (
        <Section title="Closing">
          <ClosingControls />
        </Section>
      )}
      <Section title="Regions" open={false} count={Object.keys(regions ?? {}).length}>
        <RegionControls />
        {root && (
          <Button
            size="2xs"
            variant="outline"
            colorPalette="plain"
            alignSelf="start"
            onClick={() => select(root)}
          >
            Scene layout
          </Button>
        )}
      </Section>
      <ConditionBar element={false} roleName="widget" />
      <LookRow element={null} role={role} />
      <StyleSections element={null} role={role} parts={parts} own={style[role]} without={idleOf(placement)} />
      <Section title="Motion" open={false} count={Object.keys(motion ?? {}).length}>
        <MotionControls at={['motion']} inView={role === 'panel'} />
      </Section>
      <Section title="Custom CSS" open={false} count={css ? 1 : 0}>
        <Suspense fallback={null}>
          <WidgetCss />
        </Suspense>
      </Section>
    </>
  );
}

const measures = ['width', 'offsetX', 'offsetY'];

/** The measures of the box that do nothing in a placement: a bar is as wide as the window. */
const idleOf = (placement: Placement): ReadonlySet<string> => {
  const values = valueAt(placementSheet(placement)['box'] ?? {}, 'base') ?? {};
  return new Set(measures.filter((name) => !Object.hasOwn(values, name)));
};

function NameRow() {
  const { session } = useEditing();
  const name = useValueAt(['name']) as string;
  const rename = (next: string) => {
    if (next.trim() !== '') session.apply({ type: 'set', path: ['name'], value: next }, 'name');
  };
  return (
    <Row label="Name">
      {(id) => (
        <Input
          id={id}
          size="xs"
          maxLength={120}
          value={name}
          onChange={(event) => rename(event.target.value)}
        />
      )}
    </Row>
  );
}

function LanguageRow() {
  const { session, brand } = useEditing();
  const language = useValueAt(['language']) as Language | undefined;
  const site = brand.language ?? defaultLanguage;
  return (
    <Row label="Language">
      {(id) => (
        <Choice
          id={id}
          value={language ?? ''}
          options={{ '': `Site: ${languageNames[site]}`, ...languageNames }}
          onChange={(next) => session.apply({ type: 'set', path: ['language'], value: next || undefined })}
        />
      )}
    </Row>
  );
}

function ClassRow({ id }: { id: string }) {
  const { session } = useEditing();
  const path = ['elements', id, 'class'];
  const value = (useValueAt(path) as string | undefined) ?? '';
  return (
    <Row label="Custom class">
      {(control) => (
        <Input
          id={control}
          size="xs"
          fontFamily="mono"
          maxLength={40}
          placeholder="such as price-note"
          value={value}
          onChange={(event) => {
            const next = event.target.value
              .toLowerCase()
              .replace(/[^a-z0-9-]/g, '')
              .replace(/^[^a-z]+/, '');
            session.apply({ type: 'set', path, value: next || undefined }, path.join('.'));
          }}
        />
      )}
    </Row>
  );
}
