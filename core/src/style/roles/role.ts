import type { StyleSheet } from '../values.js';

/** Properties that the inspector offers together for one part of a role; what is rarely used stands folded. */
export interface StyleGroup {
  title: string;
  part: string;
  properties: readonly string[];
  rare: readonly string[];
}

/** What elements of a kind look like, and how that is styled. One file each. */
export interface RoleDefinition<S extends StyleSheet = StyleSheet> {
  /** What looks of it are listed under. */
  name: string;
  /**
   * What every brand gives its parts before any look, widget or element says otherwise. All values are token references, so
   * a change of brand reaches every widget.
   */
  style: S;
  /** What can be styled of each part, in the order in which people ask for it. */
  groups: readonly StyleGroup[];
  /** Roles of which a look of this one can say something too, where they stand inside it. */
  inside?: readonly string[];
}

/** A role’s definition, its parts taken from its style. */
export const defineRole = <const S extends StyleSheet>(role: RoleDefinition<S>): RoleDefinition<S> => role;
