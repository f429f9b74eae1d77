import { Button, Menu, Portal } from '@chakra-ui/react';
import { insertNew, newElements } from '@sirene/core/widget';
import { Plus } from 'lucide-react';
import { useEditor } from '../state/editor.tsx';
import { ElementIcon } from './icons.tsx';

/** Adds an element after the selection, or inside it. */
export function AddMenu() {
  const { session, selection, select, scene } = useEditor();
  const add = (index: number) => {
    const entry = newElements[index];
    const edit = entry && insertNew(session.document, entry.element, selection, scene, Math.random);
    if (!edit) return;
    session.apply(edit.operation);
    select(edit.id);
  };
  return (
    <Menu.Root>
      <Menu.Trigger asChild>
        <Button size="xs" variant="outline" colorPalette="plain">
          <Plus size={14} aria-hidden />
          Add
        </Button>
      </Menu.Trigger>
      <Portal>
        <Menu.Positioner>
          <Menu.Content>
            {newElements.map(({ label, icon }, index) => (
              <Menu.Item key={label} value={label} onClick={() => add(index)}>
                <ElementIcon name={icon} />
                {label}
              </Menu.Item>
            ))}
          </Menu.Content>
        </Menu.Positioner>
      </Portal>
    </Menu.Root>
  );
}
