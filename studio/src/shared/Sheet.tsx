import { Button, CloseButton, Dialog, Portal } from '@chakra-ui/react';

interface Props {
  title: string;
  onClose(): void;
  children: React.ReactNode;
  /** What stands at its foot; a way out alone where nothing is said. */
  foot?: React.ReactNode;
  size?: 'md' | 'lg' | 'xl';
  /** Nothing in it takes the focus, so that it has to itself, to be scrolled by keys. */
  reading?: boolean;
  /** Sends what was filled in. */
  onSubmit?(): void;
}

/** A dialog: its title, what it holds, and the way out. */
export function Sheet({ title, onClose, children, foot, size = 'md', reading, onSubmit }: Props) {
  const inner = (
    <>
      <Dialog.Header>
        <Dialog.Title>{title}</Dialog.Title>
      </Dialog.Header>
      <Dialog.Body tabIndex={reading ? 0 : undefined}>{children}</Dialog.Body>
      <Dialog.Footer>
        {foot !== undefined && (
          <Button type="button" variant="outline" colorPalette="plain" onClick={onClose}>
            Cancel
          </Button>
        )}
        {foot ?? (
          <Button type="button" variant="outline" colorPalette="plain" onClick={onClose}>
            Done
          </Button>
        )}
      </Dialog.Footer>
      <Dialog.CloseTrigger asChild>
        <CloseButton size="sm" aria-label="Close" />
      </Dialog.CloseTrigger>
    </>
  );
  return (
    <Dialog.Root
      open
      onOpenChange={(change) => !change.open && onClose()}
      placement="center"
      size={size}
      scrollBehavior="inside"
    >
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content>
            {onSubmit ? (
              <form
                noValidate
                style={{ display: 'contents' }}
                onSubmit={(event) => {
                  event.preventDefault();
                  onSubmit();
                }}
              >
                {inner}
              </form>
            ) : (
              inner
            )}
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
