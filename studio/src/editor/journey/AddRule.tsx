import { Button, Menu, Portal } from '@chakra-ui/react';
import { Plus } from 'lucide-react';

interface Props {
  label: string;
  offered: readonly { type: string; label: string; create(): object }[];
  onAdd(create: () => object): void;
}

/** A menu of the kinds of rules that can be added. */
export function AddRule({ label, offered, onAdd }: Props) {
  return (
    <Menu.Root
      lazyMount
      unmountOnExit
      positioning={{ placement: 'bottom-start' }}
      onSelect={({ value }) => {
        const kind = offered.find(({ type }) => type === value);
        if (kind) onAdd(kind.create);
      }}
    >
      <Menu.Trigger asChild>
        <Button size="xs" variant="outline" colorPalette="plain" alignSelf="start">
          <Plus size={13} aria-hidden />
          {label}
        </Button>
      </Menu.Trigger>
      <Portal>
        <Menu.Positioner>
          <Menu.Content maxH="320px" overflow="auto">
            {offered.map(({ type, label: name }) => (
              <Menu.Item key={type} value={type}>
                {name}
              </Menu.Item>
            ))}
          </Menu.Content>
        </Menu.Positioner>
      </Portal>
    </Menu.Root>
  );
}
