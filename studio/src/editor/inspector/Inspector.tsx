import { Box, Button, Flex, Heading, Input } from '@chakra-ui/react';
import { definitionOf, type Element } from '@sirene/core/elements';
import { surfaceRole } from '@sirene/core/render';
import type { StyleSheet } from '@sirene/core/style';
import { Copy, Trash2 } from 'lucide-react';
import { useEditor, useSettledDocument, useValueAt } from '../state/editor.tsx';
import { useElementCommands } from '../commands.ts';
import { ElementProperties } from './ElementProperties.tsx';
import { ClosingControls, PlacementControls } from './PlacementControls.tsx';
import { Row } from './Row.tsx';
import { Section } from './Section.tsx';
import { styleGroups } from './style-groups.ts';
import { StyleRow } from './StyleRow.tsx';

/** What the selection is made of, grouped by what people ask for. */
export function Inspector() {
  const { selection } = useEditor();
  const document = useSettledDocument();
  const element = selection === null ? undefined : document.elements[selection];
  return (
    <Box as="section" aria-label="Inspector" bg="sheet" borderStartWidth="1px" overflow="auto" minH="0">
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
      h="40px"
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
  const { duplicateSelected, removeSelected } = useElementCommands();
  return (
    <>
      <Title
        actions={
          <Flex>
            <Button
              size="2xs"
              variant="ghost"
              colorPalette="plain"
              aria-label="Duplicate"
              title="Duplicate (Ctrl D)"
              onClick={duplicateSelected}
            >
              <Copy size={14} aria-hidden />
            </Button>
            <Button
              size="2xs"
              variant="ghost"
              colorPalette="plain"
              aria-label="Remove"
              title="Remove (Del)"
              onClick={removeSelected}
            >
              <Trash2 size={14} aria-hidden />
            </Button>
          </Flex>
        }
      >
        {definition.label}
      </Title>
      <ElementProperties id={id} />
      <StyleSections element={id} role={definition.role(element)} own={element.style} />
    </>
  );
}

function WidgetInspector() {
  const document = useSettledDocument();
  const role = surfaceRole(document.placement);
  return (
    <>
      <Title>Widget</Title>
      <Section title="Name">
        <NameRow />
      </Section>
      <Section title="Size and place">
        <PlacementControls />
      </Section>
      {document.placement.type !== 'inline' && (
        <Section title="Closing">
          <ClosingControls />
        </Section>
      )}
      <StyleSections element={null} role={role} own={document.style[role]} />
    </>
  );
}

function NameRow() {
  const { session } = useEditor();
  const name = useValueAt(['name']) as string;
  const rename = (next: string) => {
    if (next !== '') session.apply({ type: 'set', path: ['name'], value: next }, 'name');
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

function StyleSections({
  element,
  role,
  own,
}: {
  element: string | null;
  role: keyof typeof styleGroups;
  own: StyleSheet | undefined;
}) {
  return styleGroups[role].map(({ title, part, properties }, at) => {
    const set = properties.filter((name) => own?.[part]?.['base']?.[name] !== undefined).length;
    return (
      <Section key={`${part} ${title}`} title={title} open={at === 0 || set > 0} count={set}>
        {properties.map((name) => (
          <StyleRow key={name} element={element} part={part} name={name} />
        ))}
      </Section>
    );
  });
}
