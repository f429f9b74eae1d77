import { Button, Input, Popover, Portal, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { inBackground } from './background.ts';

interface Props {
  /** The button that opens it. */
  trigger: React.ReactNode;
  title: string;
  /** What becomes of what is named. */
  help: string;
  label: string;
  placeholder?: string;
  /** The name that is proposed, asked for when it opens. */
  propose?: () => string;
  action: string;
  placement: 'bottom-end' | 'left-start';
  /** Called with the name, trimmed; it closes unless this says that it failed. */
  onName(name: string): void | Promise<boolean>;
  /** What went wrong, if anything did. */
  children?: React.ReactNode;
}

/** Asks for a name, beside the button that needs one. */
export function NamePopover({
  trigger,
  title,
  help,
  label,
  placeholder,
  propose,
  action,
  placement,
  onName,
  children,
}: Props) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  return (
    <Popover.Root
      lazyMount
      unmountOnExit
      positioning={{ placement }}
      open={open}
      onOpenChange={(change) => {
        if (change.open) setName(propose?.() ?? '');
        setOpen(change.open);
      }}
    >
      <Popover.Trigger asChild>{trigger}</Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content w="270px" aria-label={title}>
            <Popover.Body p="3">
              <form
                onSubmit={(event) => {
                  event.preventDefault();
                  if (!name.trim()) return;
                  inBackground(Promise.resolve(onName(name.trim())).then((done) => setOpen(done === false)));
                }}
              >
                <Stack gap="2">
                  <Text fontSize="13px">{help}</Text>
                  <Input
                    size="xs"
                    aria-label={label}
                    placeholder={placeholder}
                    maxLength={60}
                    value={name}
                    onChange={(event) => setName(event.target.value)}
                  />
                  {children}
                  <Button type="submit" size="xs" colorPalette="signal" disabled={!name.trim()}>
                    {action}
                  </Button>
                </Stack>
              </form>
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}
