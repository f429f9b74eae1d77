import { Popover, Portal } from '@chakra-ui/react';

interface Props {
  /** The button that opens it. */
  trigger: React.ReactNode;
  title: string;
  width: string;
  placement: 'bottom-end' | 'top-end' | 'top-start';
  /** What is long scrolls inside. */
  scrolls?: boolean;
  /** What was begun in it does not outlast its closing. */
  unmountOnExit?: boolean;
  onClose?(): void;
  children: React.ReactNode;
}

/** What opens beside its button, under a title. */
export function TitledPopover({
  trigger,
  title,
  width,
  placement,
  scrolls = false,
  unmountOnExit,
  onClose,
  children,
}: Props) {
  return (
    <Popover.Root
      lazyMount
      unmountOnExit={unmountOnExit}
      positioning={{ placement }}
      onOpenChange={({ open }) => {
        if (!open) onClose?.();
      }}
    >
      <Popover.Trigger asChild>{trigger}</Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content w={width} aria-label={title}>
            <Popover.Body p="4" {...(scrolls && { maxH: '60vh', overflow: 'auto' })}>
              <Popover.Title fontWeight="600" mb="3">
                {title}
              </Popover.Title>
              {children}
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}
