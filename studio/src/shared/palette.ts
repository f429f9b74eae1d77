import { useEffect, useSyncExternalStore } from 'react';
import { holdsWords } from './words.ts';

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

/** The entries that hold every word: the one so named first, then those whose name begins with what was typed. */
export function matchingCommands<T extends Pick<Command, 'name' | 'group'>>(
  commands: readonly T[],
  typed: string,
): T[] {
  const sought = typed.trim().toLowerCase();
  const fits = commands.filter(({ name, group }) => holdsWords(`${name} ${group}`, sought));
  const rank = ({ name }: T) => {
    const plain = name.toLowerCase();
    return plain === sought ? 0 : plain.startsWith(sought) ? 1 : 2;
  };
  return fits.sort((one, other) => rank(one) - rank(other));
}
