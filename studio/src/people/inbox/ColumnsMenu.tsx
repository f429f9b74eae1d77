import { Button, Menu, Portal } from '@chakra-ui/react';
import { Columns3 } from 'lucide-react';
import type { Column } from './columns.ts';

interface Props {
  offered: readonly Column[];
  shown: readonly string[];
  onShow(change: (shown: readonly string[]) => readonly string[]): void;
}

/** Which fields of a form are columns of the table. */
export function ColumnsMenu({ offered, shown, onShow }: Props) {
  const toggle = (key: string) =>
    onShow((now) =>
      // In the order of the form, whatever is chosen first.
      offered.map((one) => one.key).filter((one) => (one === key) !== now.includes(one)),
    );
  return (
    <Menu.Root lazyMount unmountOnExit closeOnSelect={false} positioning={{ placement: 'bottom-end' }}>
      <Menu.Trigger asChild>
        <Button size="sm" variant="outline" colorPalette="plain">
          <Columns3 size={15} aria-hidden />
          Columns
        </Button>
      </Menu.Trigger>
      <Portal>
        <Menu.Positioner>
          <Menu.Content maxH="320px" overflow="auto">
            {offered.map(({ key, label }) => (
              <Menu.CheckboxItem
                key={key}
                value={key}
                checked={shown.includes(key)}
                onCheckedChange={() => toggle(key)}
              >
                <Menu.ItemIndicator />
                {label}
              </Menu.CheckboxItem>
            ))}
          </Menu.Content>
        </Menu.Positioner>
      </Portal>
    </Menu.Root>
  );
}
