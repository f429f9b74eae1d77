import { IconButton, Menu, Portal } from '@chakra-ui/react';
import { Ellipsis } from 'lucide-react';
import { useState } from 'react';
import { get, post, remove, type ListedWidget, type Widget } from '../shared/api.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { saveText } from '../shared/save-file.ts';
import { KeepStarter } from './KeepStarter.tsx';
import { DuplicateWidget } from './DuplicateWidget.tsx';

interface Props {
  widget: ListedWidget;
  onChanged(): void;
  onDeleted(widget: ListedWidget): void;
}

/** What can be done with a widget from the table. */
export function WidgetMenu({ widget, onChanged, onDeleted }: Props) {
  const { id, name, slug, publishedNumber } = widget;
  const [asking, setAsking] = useState<'copy' | 'starter' | null>(null);
  const [error, setError] = useState<unknown>(null);
  const run = (work: () => Promise<unknown>) => {
    setError(null);
    work().catch(setError);
  };
  const saveJson = async () => {
    const { document } = await get<Widget>(`/api/widgets/${id}`);
    saveText(`${slug}.json`, JSON.stringify(document, null, 2), 'application/json');
  };
  return (
    <>
      <Menu.Root>
        <Menu.Trigger asChild>
          <IconButton size="xs" variant="ghost" colorPalette="plain" aria-label={`What to do with ${name}`}>
            <Ellipsis size={16} aria-hidden />
          </IconButton>
        </Menu.Trigger>
        <Portal>
          <Menu.Positioner>
            <Menu.Content>
              <Menu.Item value="copy" onClick={() => setAsking('copy')}>
                Duplicate …
              </Menu.Item>
              <Menu.Item value="starter" onClick={() => setAsking('starter')}>
                Keep as a starter …
              </Menu.Item>
              <Menu.Item value="json" onClick={() => run(saveJson)}>
                Save as JSON
              </Menu.Item>
              <Menu.Item value="html" asChild>
                <a href={`/api/widgets/${id}/export.html`} download>
                  Save as one HTML file
                </a>
              </Menu.Item>
              {publishedNumber !== null && (
                <Menu.Item
                  value="unpublish"
                  onClick={() =>
                    run(async () => {
                      await post(`/api/widgets/${id}/unpublish`);
                      onChanged();
                    })
                  }
                >
                  Take it off the site
                </Menu.Item>
              )}
              <Menu.Item
                value="delete"
                color="wine"
                onClick={() =>
                  run(async () => {
                    await remove(`/api/widgets/${id}`);
                    onDeleted(widget);
                  })
                }
              >
                Delete
              </Menu.Item>
            </Menu.Content>
          </Menu.Positioner>
        </Portal>
      </Menu.Root>
      {error ? <ErrorNote error={error} /> : null}
      {asking === 'copy' && <DuplicateWidget widget={widget} onClose={() => setAsking(null)} />}
      {asking === 'starter' && <KeepStarter widget={widget} onClose={() => setAsking(null)} />}
    </>
  );
}
