import { Button, Input, Popover, Portal, Stack, Text } from '@chakra-ui/react';
import { definitionOf } from '@sirene/core/elements';
import { branchOf } from '@sirene/core/widget';
import { Archive } from 'lucide-react';
import { useState } from 'react';
import { mutate } from 'swr';
import { post } from '../../shared/api.ts';
import { ErrorNote } from '../../shared/ErrorNote.tsx';
import { useEditor } from '../state/editor.tsx';

/** Keeps an element, with all it holds, on the site's shelf. */
export function KeepOnShelf({ id }: { id: string }) {
  const { site, session } = useEditor();
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [error, setError] = useState<unknown>(null);
  const path = `/api/sites/${site.id}/shelf`;
  const keep = async () => {
    setError(null);
    try {
      await post(path, { name: name.trim(), branch: branchOf(session.document, id) });
      await mutate(path);
      setOpen(false);
    } catch (failure) {
      setError(failure);
    }
  };
  const begin = (next: boolean) => {
    const element = session.document.elements[id];
    if (next && element) setName((element.title ?? definitionOf(element).title(element)).slice(0, 60));
    setOpen(next);
  };
  return (
    <Popover.Root
      lazyMount
      unmountOnExit
      positioning={{ placement: 'bottom-end' }}
      open={open}
      onOpenChange={(change) => begin(change.open)}
    >
      <Popover.Trigger asChild>
        <Button
          size="2xs"
          variant="ghost"
          colorPalette="plain"
          aria-label="Keep on the shelf"
          title="Keep on the shelf"
        >
          <Archive size={14} aria-hidden />
        </Button>
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content w="270px" aria-label="Keep on the shelf">
            <Popover.Body p="3">
              <form
                onSubmit={(event) => {
                  event.preventDefault();
                  void keep();
                }}
              >
                <Stack gap="2">
                  <Text fontSize="13px">
                    It is found under “Add”, in every widget of {site.name}. What is put in from there is a
                    copy.
                  </Text>
                  <Input
                    size="xs"
                    aria-label="Name on the shelf"
                    maxLength={60}
                    value={name}
                    onChange={(event) => setName(event.target.value)}
                  />
                  {error ? <ErrorNote error={error} /> : null}
                  <Button type="submit" size="xs" colorPalette="signal" disabled={!name.trim()}>
                    Keep it
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
