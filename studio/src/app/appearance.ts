import { useSyncExternalStore } from 'react';

export const appearances = { light: 'Light', dark: 'Dark', device: 'System' } as const;
export type Appearance = keyof typeof appearances;

const key = 'sirene.studio.appearance';
const device = matchMedia('(prefers-color-scheme: dark)');
const listeners = new Set<() => void>();

function chosen(): Appearance {
  const kept = localStorage.getItem(key);
  return kept === 'light' || kept === 'dark' ? kept : 'device';
}

/** Puts the theme on the page; called before the first paint, and whenever it changes. */
export function applyAppearance(): void {
  const choice = chosen();
  const dark = choice === 'dark' || (choice === 'device' && device.matches);
  const { classList, style } = document.documentElement;
  classList.toggle('dark', dark);
  classList.toggle('light', !dark);
  style.colorScheme = dark ? 'dark' : 'light';
}

device.addEventListener('change', applyAppearance);

/** Chooses light, dark or what the system says, and remembers it in this browser. */
export function choose(appearance: Appearance): void {
  localStorage.setItem(key, appearance);
  applyAppearance();
  for (const listener of listeners) listener();
}

/** The studio's theme: light, dark, or what the device says. */
export function useAppearance(): Appearance {
  return useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, chosen);
}
