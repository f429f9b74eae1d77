import { IconButton, Menu, Portal } from '@chakra-ui/react';
import { Ellipsis } from 'lucide-react';
import { useState } from 'react';
import { keysOf } from '../app/keymap.ts';
import { openPalette } from '../app/open-palette.ts';
import { at } from '../shared/api/index.ts';
import { saveText } from '../shared/save-file.ts';
import { DuplicateWidget } from '../widgets/DuplicateWidget.tsx';
import { KeepStarter } from '../widgets/KeepStarter.tsx';
import { DirectionDialog } from './DirectionDialog.tsx';
import { useEditing } from './state/editing.ts';
import { inBackground } from '../shared/background.ts';

/** What can be done with the widget as a whole. */
export function EditorMenu() {
  const { widget, site, session, autosave } = useEditing();
  const [asking, setAsking] = useState<'copy' | 'starter' | 'direction' | null>(null);
  const { id, siteId, slug } = widget;
  const listed = { id, siteId, name: session.document.name };
  const isPage = session.document.placement.type === 'page';
  // The server copies and writes out what is saved: what was just typed has to be.
  const saved = (then: () => void) => inBackground(autosave.flush().then(then));
  return (
    <>
      <Menu.Root lazyMount unmountOnExit positioning={{ placement: 'bottom-end' }}>
        <Menu.Trigger asChild>
          <IconButton size="xs" variant="outline" colorPalette="plain" aria-label="More actions">
            <Ellipsis size={15} aria-hidden />
          </IconButton>
        </Menu.Trigger>
        <Portal>
          <Menu.Positioner>
            <Menu.Content>
              <Menu.Item value="find" onClick={() => openPalette()}>
                Find … <Menu.ItemCommand>{keysOf('find')}</Menu.ItemCommand>
              </Menu.Item>
              <Menu.Item value="direction" onClick={() => setAsking('direction')}>
                Visual direction …
              </Menu.Item>
              <Menu.Item value="copy" onClick={() => saved(() => setAsking('copy'))}>
                Duplicate …
              </Menu.Item>
              <Menu.Item value="starter" onClick={() => saved(() => setAsking('starter'))}>
                Save as starter …
              </Menu.Item>
              <Menu.Item
                value="json"
                onClick={() =>
                  saveText(`${slug}.json`, JSON.stringify(session.document, null, 2), 'application/json')
                }
              >
                Save as JSON
              </Menu.Item>
              <Menu.Item
                value="html"
                onClick={() =>
                  saved(() => location.assign(at('/api/widgets/{widget}/export.html', { widget: id })))
                }
              >
                Save as one HTML file
              </Menu.Item>
              {isPage && (
                <Menu.Item value="page" asChild>
                  <a href={`/p/${site.key}/${slug}`} target="_blank" rel="noreferrer">
                    Open widget page
                  </a>
                </Menu.Item>
              )}
            </Menu.Content>
          </Menu.Positioner>
        </Portal>
      </Menu.Root>
      {asking === 'copy' && <DuplicateWidget widget={listed} onClose={() => setAsking(null)} />}
      {asking === 'direction' && <DirectionDialog onClose={() => setAsking(null)} />}
      {asking === 'starter' && <KeepStarter widget={listed} onClose={() => setAsking(null)} />}
    </>
  );
}
