import { valueAt } from '../base/maps/index.js';
import type { Brand, Look } from './brand.js';
import type { Role } from './roles/index.js';

/** What an element says that takes no look, not even the standard one of its role. */
export const noLook = 'none';

const standards = new WeakMap<Brand['looks'], ReadonlyMap<Role, string>>();

/** The standard look of each role, by role. Read once per set of looks: the stage asks at every key press. */
function standardsOf(looks: Brand['looks']): ReadonlyMap<Role, string> {
  let known = standards.get(looks);
  if (!known) {
    const marked = Object.entries(looks).filter(([, { standard }]) => standard);
    known = new Map(marked.map(([id, { role }]) => [role, id]));
    standards.set(looks, known);
  }
  return known;
}

/** The id of the look that elements of a role take which choose none. */
export const standardLook = (looks: Brand['looks'], role: Role): string | undefined =>
  standardsOf(looks).get(role);

/**
 * The id of the look that an element has: the one it chooses, else the standard one of its role.
 *
 * @param chosen what the element says: the id of a look, {@link noLook}, or nothing
 */
export function lookOf(looks: Brand['looks'], role: Role, chosen: string | undefined): string | undefined {
  if (chosen === noLook) return undefined;
  return chosen ?? standardLook(looks, role);
}

/** Looks in which one is the standard of its role, in place of the one that was, or is no longer. */
export function withStandard(looks: Brand['looks'], id: string, standard: boolean): Brand['looks'] {
  const role = valueAt(looks, id)?.role;
  return Object.fromEntries(
    Object.entries(looks).map(([key, look]): [string, Look] => {
      if (look.role !== role) return [key, look];
      const { standard: _, ...rest } = look;
      return [key, key === id && standard ? { ...rest, standard } : rest];
    }),
  );
}
