import { lazy, Suspense, useCallback, useEffect, useState } from 'react';
import { onOpenPalette } from './open-palette.ts';

const Palette = lazy(async () => ({ default: (await import('./Palette.tsx')).Palette }));
const KeysDialog = lazy(async () => ({ default: (await import('./KeysDialog.tsx')).KeysDialog }));

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.matches('input, textarea, select, [contenteditable=true]');

/** What opens from anywhere by a key: the palette, and the list of keys. */
export function Helpers() {
  const [open, setOpen] = useState<'palette' | 'keys' | null>(null);
  const close = useCallback(() => setOpen(null), []);
  const showKeys = useCallback(() => setOpen('keys'), []);
  useEffect(() => onOpenPalette(() => setOpen('palette')), []);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'k') {
        event.preventDefault();
        setOpen('palette');
      } else if (event.key === '?' && !isTyping(event.target)) setOpen('keys');
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  }, []);
  return (
    <Suspense fallback={null}>
      {open === 'palette' && <Palette onClose={close} onKeys={showKeys} />}
      {open === 'keys' && <KeysDialog onClose={close} />}
    </Suspense>
  );
}
