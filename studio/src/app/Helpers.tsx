import { lazy, Suspense, useCallback, useEffect, useState } from 'react';
import { isTyping, onPress } from './keymap.ts';
import { onOpenPalette } from './open-palette.ts';
import { whenIdle } from './when-idle.ts';

const loadPalette = () => import('./Palette.tsx');

const Palette = lazy(async () => ({ default: (await loadPalette()).Palette }));
const KeysDialog = lazy(async () => ({ default: (await import('./KeysDialog.tsx')).KeysDialog }));

/** What opens from anywhere by a key: the palette, and the list of keys. */
export function Helpers() {
  const [open, setOpen] = useState<'palette' | 'keys' | null>(null);
  const close = useCallback(() => setOpen(null), []);
  const showKeys = useCallback(() => setOpen('keys'), []);
  // Whoever presses its keys types on at once: what is typed before it is there would be lost.
  useEffect(() => whenIdle(() => void loadPalette().catch(() => undefined)), []);
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
