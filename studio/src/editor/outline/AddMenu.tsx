import { createElement, definitionOf, type Element } from '@sirene/core/document/elements';
import { valueAt } from '@sirene/core/base/maps';
import { Box, Button, IconButton, Menu, Portal } from '@chakra-ui/react';
import { newElements } from '@sirene/core/document/widget';
import { Plus, X } from 'lucide-react';
import { at, remove, useAnswer } from '../../shared/api/index.ts';
import { useElementCommands } from '../commands.ts';
import { useEditing } from '../state/editing.ts';
import { ElementIcon } from './icons.tsx';
import { inBackground } from '../../shared/background.ts';

const isField = ({ element }: (typeof newElements)[number]) => definitionOf(element).fieldRules !== undefined;
const groups = [
  { name: 'Elements', entries: newElements.filter((entry) => !isField(entry)) },
  { name: 'Fields', entries: newElements.filter(isField) },
];

/** Adds an element after the selection, or inside it: a new one, or a copy of one from the shelf. */
export function AddMenu() {
  const { site } = useEditing();
  const { add, insert } = useElementCommands();
  const { data: shelf = [], mutate } = useAnswer(at('/api/sites/{site}/shelf', { site: site.id }));
  const forget = async (id: string) => {
    await remove(at('/api/sites/{site}/shelf/{item}', { site: site.id, item: id }));
    await mutate();
  };
  return (
    <Menu.Root lazyMount unmountOnExit positioning={{ placement: 'bottom-start' }}>
      <Menu.Trigger asChild>
        <Button size="xs" variant="outline" colorPalette="plain">
          <Plus size={14} aria-hidden />
          Add
        </Button>
      </Menu.Trigger>
      <Portal>
        <Menu.Positioner>
          <Menu.Content w="400px" maxH="70vh">
            {groups.map(({ name, entries: offered }) => (
              <Menu.ItemGroup key={name}>
                <Menu.ItemGroupLabel fontSize="12px" color="slate" fontWeight="500">
                  {name}
                </Menu.ItemGroupLabel>
                <Box display="grid" gridTemplateColumns="1fr 1fr" role="presentation">
                  {offered.map(({ label, element }) => (
                    <Menu.Item key={label} value={label} onClick={() => add(element)}>
                      <ElementIcon element={{ ...createElement(element.type), ...element.with } as Element} />
                      {label}
                    </Menu.Item>
                  ))}
                </Box>
              </Menu.ItemGroup>
            ))}
            <Menu.ItemGroup>
              <Menu.ItemGroupLabel fontSize="12px" color="slate" fontWeight="500">
                From the shelf
              </Menu.ItemGroupLabel>
              {shelf.length === 0 && (
                <Box px="2" py="1" fontSize="13px" color="slate">
                  Nothing yet. Select an element and press “Save to shelf” in the inspector.
                </Box>
              )}
              {shelf.map(({ id, name, branch }) => (
                <Menu.Item key={id} value={id} onClick={() => insert([branch])}>
                  <ElementIcon element={valueAt(branch.elements, branch.root) ?? createElement('group')} />
                  <Box flex="1" truncate>
                    {name}
                  </Box>
                  <IconButton
                    size="2xs"
                    variant="ghost"
                    colorPalette="plain"
                    tabIndex={-1}
                    aria-label={`Remove ${name} from the shelf`}
                    onClick={(event) => {
                      event.stopPropagation();
                      inBackground(forget(id));
                    }}
                  >
                    <X size={13} aria-hidden />
                  </IconButton>
                </Menu.Item>
              ))}
            </Menu.ItemGroup>
          </Menu.Content>
        </Menu.Positioner>
      </Portal>
    </Menu.Root>
  );
}
