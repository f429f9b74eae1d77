import { IconButton, Menu, Portal } from '@chakra-ui/react';
import { Ellipsis } from 'lucide-react';
import { lazy, Suspense, useId, useState } from 'react';
import { at, get, type ListedWidget, post, remove, widgetPath } from '../shared/api/index.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { saveText } from '../shared/save-file.ts';
import { useAttempt } from '../shared/use-attempt.ts';
import { inBackground } from '../shared/background.ts';

const KeepStarter = lazy(async () => ({ default: (await import('./KeepStarter.tsx')).KeepStarter }));
const DuplicateWidget = lazy(async () => ({
  default: (await import('./DuplicateWidget.tsx')).DuplicateWidget,
}));

interface Props {
  widget: ListedWidget;
  onChanged(): void;
  onDeleted(widget: ListedWidget): void;
}

/** What can be done with a widget from the table. */
export function WidgetMenu({ widget, onChanged, onDeleted }: Props) {
  const { id, name, slug, publishedNumber } = widget;
  const [asking, setAsking] = useState<'copy' | 'starter' | null>(null);
  const [open, setOpen] = useState(false);
  const trigger = useId();
  const { error, attempt } = useAttempt();
  const run = (work: () => Promise<unknown>) => inBackground(attempt(work));
  const saveJson = async () => {
    const { document } = await get(widgetPath(id));
    saveText(`${slug}.json`, JSON.stringify(document, null, 2), 'application/json');
  };
  const close = () => {
    setOpen(false);
    // The menu had the focus, and is gone by the next frame; whoever pressed elsewhere has it there.
    requestAnimationFrame(() => {
      if (document.activeElement === document.body) document.getElementById(trigger)?.focus();
    });
  };
  // Made only once it is asked for: of what a row costs that is scrolled into sight, a menu was more than half.
  const menu = (
    <Menu.Root open ids={{ trigger }} onOpenChange={close}>
      <Portal>
        <Menu.Positioner>
          <Menu.Content>
            <Menu.Item value="copy" onClick={() => setAsking('copy')}>
              Duplicate …
            </Menu.Item>
            <Menu.Item value="starter" onClick={() => setAsking('starter')}>
              Save as starter …
            </Menu.Item>
            <Menu.Item value="json" onClick={() => run(saveJson)}>
              Save as JSON
            </Menu.Item>
            <Menu.Item value="html" asChild>
              <a href={at('/api/widgets/{widget}/export.html', { widget: id })} download>
                Save as one HTML file
              </a>
            </Menu.Item>
            {publishedNumber !== null && (
              <Menu.Item
                value="unpublish"
                onClick={() =>
                  run(async () => {
                    await post(at('/api/widgets/{widget}/unpublish', { widget: id }));
                    onChanged();
                  })
                }
              >
                Unpublish
              </Menu.Item>
            )}
            <Menu.Item
              value="delete"
              color="wine"
              onClick={() =>
                run(async () => {
                  await remove(widgetPath(id));
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
  );
  return (
    <>
      <IconButton
        id={trigger}
        size="xs"
        variant="ghost"
        colorPalette="plain"
        aria-label={`Actions for ${name}`}
        aria-haspopup="menu"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        onKeyDown={(event) => {
          if (event.key !== 'ArrowDown') return;
          event.preventDefault();
          setOpen(true);
        }}
      >
        <Ellipsis size={16} aria-hidden />
      </IconButton>
      {open && menu}
      {error ? <ErrorNote error={error} /> : null}
      <Suspense fallback={null}>
        {asking === 'copy' && <DuplicateWidget widget={widget} onClose={() => setAsking(null)} />}
        {asking === 'starter' && <KeepStarter widget={widget} onClose={() => setAsking(null)} />}
      </Suspense>
    </>
  );
}
