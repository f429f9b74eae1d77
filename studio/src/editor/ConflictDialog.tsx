import { Button, Dialog, Portal, Stack, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import useSWR from 'swr';
import { at, get, post, type Widget, widgetPath } from '../shared/api/index.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { dateTime } from '../shared/format.ts';
import { Comparison } from './Comparison.tsx';
import { useEditing } from './state/editing.ts';
import { inBackground } from '../shared/background.ts';

/** Two editors have changed the same widget: both states are there side by side, and the person decides. */
export function ConflictDialog({ savedAt }: { savedAt: number }) {
  const { widget, site, session, autosave, brand } = useEditing();
  const navigate = useNavigate();
  const [failure, setFailure] = useState<unknown>(null);
  const { data: saved, error } = useSWR(['saved elsewhere', widget.id, savedAt], () =>
    get(widgetPath(widget.id)),
  );
  const problem: unknown = failure ?? error;
  const keepAsCopy = async () => {
    try {
      const { document } = session;
      const name = `${document.name} (my version)`.slice(0, 120);
      const copy = await post(at('/api/sites/{site}/widgets', { site: site.id }), { name, document });
      await autosave.forget();
      await navigate(`/widgets/${copy.id}`);
    } catch (reason) {
      setFailure(reason);
    }
  };
  const takeSaved = async () => {
    await autosave.forget();
    location.reload();
  };
  const applyMine = (onto: Widget) => {
    session.rebase(onto.document, autosave.savedDocument);
    autosave.goOnFrom(onto);
  };
  return (
    <Dialog.Root open role="alertdialog" placement="center" size="lg" scrollBehavior="inside">
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
                {saved && (
                  <Comparison
                    brand={brand}
                    before={saved.document}
                    after={session.document}
                    names={['Saved elsewhere', 'Your version']}
                    where="yours"
                  />
                )}
                {problem ? <ErrorNote error={problem} /> : null}
              </Stack>
            </Dialog.Body>
            <Dialog.Footer flexWrap="wrap" gap="2" px="4">
              <Button
                size="sm"
                variant="outline"
                colorPalette="plain"
                onClick={() => inBackground(keepAsCopy())}
              >
                Save mine as a new widget
              </Button>
              <Button
                size="sm"
                variant="outline"
                colorPalette="plain"
                onClick={() => inBackground(takeSaved())}
                aria-label={`Load saved version of ${widget.slug}`}
              >
                Load saved version
              </Button>
              <Button
                size="sm"
                variant="outline"
                colorPalette="plain"
                disabled={!saved}
                onClick={() => saved && autosave.goOnFrom(saved)}
              >
                Use mine
              </Button>
              <Button
                size="sm"
                colorPalette="signal"
                disabled={!saved}
                onClick={() => saved && applyMine(saved)}
              >
                Apply my changes to it
              </Button>
            </Dialog.Footer>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
