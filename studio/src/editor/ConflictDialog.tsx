import { Button, Dialog, Portal, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { post, type Widget } from '../shared/api.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { dateTime } from '../shared/format.ts';
import { useEditor } from './state/editor.tsx';

/** Two editors have changed the same widget: both versions are there, and the person decides. */
export function ConflictDialog({ savedAt }: { savedAt: number }) {
  const { widget, site, session } = useEditor();
  const navigate = useNavigate();
  const [error, setError] = useState<unknown>(null);
  const keepAsCopy = async () => {
    try {
      const { document } = session;
      const name = `${document.name} (my version)`.slice(0, 120);
      const copy = await post<Widget>(`/api/sites/${site.id}/widgets`, { name, document });
      await navigate(`/widgets/${copy.id}`);
    } catch (failure) {
      setError(failure);
    }
  };
  return (
    <Dialog.Root open role="alertdialog" placement="center">
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content>
            <Dialog.Header>
              <Dialog.Title>Saved elsewhere</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body>
              <Stack gap="3">
                <Text>
                  This widget was saved in another window or by somebody else at {dateTime(savedAt)}, after
                  you opened it here. Nothing is lost: that version is safe, and so is what you see here.
                </Text>
                {error !== null && <ErrorNote error={error} />}
              </Stack>
            </Dialog.Body>
            <Dialog.Footer>
              <Button variant="outline" colorPalette="plain" onClick={() => void keepAsCopy()}>
                Keep mine as a new widget
              </Button>
              <Button
                colorPalette="signal"
                onClick={() => location.reload()}
                aria-label={`Load the saved version of ${widget.slug}`}
              >
                Load the saved version
              </Button>
            </Dialog.Footer>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
