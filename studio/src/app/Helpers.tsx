import { lazy, Suspense, useCallback, useEffect, useState } from 'react';
import { isTyping, onPress } from './keymap.ts';
import { onOpenPalette } from './open-palette.ts';

const Palette = lazy(async () => ({ default: (await import('./Palette.tsx')).Palette }));
const KeysDialog = lazy(async () => ({ default: (await import('./KeysDialog.tsx')).KeysDialog }));

/** What opens from anywhere by a key: the palette, and the list of keys. */
export function Helpers() {
  const [open, setOpen] = useState<'palette' | 'keys' | null>(null);
  const close = useCallback(() => setOpen(null), []);
  const showKeys = useCallback(() => setOpen('keys'), []);
  useEffect(() => onOpenPalette(() => setOpen('palette')), []);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (onPress(event, { find: () => setOpen('palette') }) || isTyping(event.target)) return;
      onPress(event, { keys: showKeys });
    };
    addEventListener('keydown', onKey);
    return () => removeEventListener('keydown', onKey);
  }, [showKeys]);
  return (
    <Suspense fallback={null}>
      {open === 'palette' && <Palette onClose={close} onKeys={showKeys} />}
      {open === 'keys' && <KeysDialog onClose={close} />}
    </Suspense>
  );
}
