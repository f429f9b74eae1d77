import { useEffect, useSyncExternalStore } from 'react';

/** Something that can be done from the palette. */
export interface Command {
  name: string;
  /** What it belongs to, such as "Widget". */
  group: string;
  /** The keys that do it too. */
  keys?: string;
  run(): void;
}

let offered: readonly (() => readonly Command[])[] = [];
const listeners = new Set<() => void>();

function change(next: typeof offered): void {
  offered = next;
  for (const listener of listeners) listener();
}

/** Offers commands in the palette for as long as the component is there; asked anew each time the palette opens. */
export function useCommands(commands: () => readonly Command[]): void {
  useEffect(() => {
    change([...offered, commands]);
    return () => change(offered.filter((one) => one !== commands));
  }, [commands]);
}

/** All commands that are offered. */
export function useOffered(): readonly Command[] {
  const sources = useSyncExternalStore(subscribe, () => offered);
  return sources.flatMap((source) => source());
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** The entries that hold every word, those whose name begins with what was typed first. */
export function matchingCommands<T extends Pick<Command, 'name' | 'group'>>(
  commands: readonly T[],
  typed: string,
): T[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  const fits = commands.filter(({ name, group }) => {
    const text = `${name} ${group}`.toLowerCase();
    return words.every((word) => text.includes(word));
  });
  const starts = ({ name }: T) => (name.toLowerCase().startsWith(typed.trim().toLowerCase()) ? 0 : 1);
  return fits.sort((one, other) => starts(one) - starts(other));
}
