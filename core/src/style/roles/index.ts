import type { StyleSheet } from '../values.js';
import { amounts } from './amounts.js';
import { badge } from './badge.js';
import { basket } from './basket.js';
import { button } from './button.js';
import { chat } from './chat.js';
import { code } from './code.js';
import { countdown } from './countdown.js';
import { divider } from './divider.js';
import { field } from './field.js';
import { form } from './form.js';
import { group } from './group.js';
import { html } from './html.js';
import { icon } from './icon.js';
import { image } from './image.js';
import { links } from './links.js';
import { list } from './list.js';
import { map } from './map.js';
import { overlay } from './overlay.js';
import { panel } from './panel.js';
import { plan } from './plan.js';
import { plans } from './plans.js';
import { rating } from './rating.js';
import { spacer } from './spacer.js';
import { text } from './text.js';
import { title } from './title.js';
import { turns } from './turns.js';
import { video } from './video.js';
import type { RoleDefinition, StyleGroup } from './role.js';

export type { StyleGroup } from './role.js';

/** Every role, those that get looks most often first. A new one is its file and a line here. */
const definitions = {
  button,
  form,
  overlay,
  panel,
  title,
  text,
  field,
  countdown,
  code,
  turns,
  plan,
  plans,
  list,
  badge,
  icon,
  image,
  video,
  divider,
  spacer,
  group,
  links,
  basket,
  chat,
  amounts,
  rating,
  map,
  html,
};

export type Role = keyof typeof definitions;

/** The roles by name, as those who treat all alike see them. */
export const roleDefinitions: Readonly<Record<Role, RoleDefinition>> = definitions;

/** All roles, those that get looks most often first. */
export const roles = Object.keys(definitions) as Role[];

/** The style sheet of a role, before any look, widget or element says otherwise. */
export const roleStyle = (role: Role): StyleSheet => roleDefinitions[role].style;

/** All parts of a role. */
export const partsOf = (role: Role): string[] => Object.keys(roleStyle(role));

/**
 * Which groups of properties a role has for the parts that are there.
 *
 * @param without properties of the box that are left out
 */
export function groupsOf(
  role: Role,
  parts: readonly string[],
  without: ReadonlySet<string> = new Set(),
): readonly StyleGroup[] {
  const there = roleDefinitions[role].groups.filter(({ part }) => parts.includes(part));
  if (without.size === 0) return there;
  const left = (names: readonly string[]) => names.filter((name) => !without.has(name));
  return there.map((one) =>
    one.part === 'box' ? { ...one, properties: left(one.properties), rare: left(one.rare) } : one,
  );
}
