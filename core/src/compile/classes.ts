import { definitionOf } from '../document/elements/index.js';
import type { Role } from '../style/index.js';
import type { WidgetDocument } from '../document/widget/index.js';

const suffix = (part: string) => (part === 'box' ? '' : `-${part}`);

/** The classes by which style sheets find elements and their parts. */
export const elementClass = (id: string, part: string): string => `${id}${suffix(part)}`;
/** The selector of a part by the class that it has; a placeholder has none of its own, but its input’s. */
export const partSelector = (classOf: (part: string) => string, part: string): string =>
  part === 'placeholder' ? `.${classOf('input')}::placeholder` : `.${classOf(part)}`;

/** The class of every element of a kind. */
export const typeClass = (type: string): string => `t-${type}`;
/** The class of a part of a role. */
export const roleClass = (role: Role, part: string): string => `r-${role}${suffix(part)}`;
/** The class of a part of a look. */
export const lookClass = (look: string, part: string): string =>
  `l-${look.replace(/[^a-z0-9]+/gi, '-')}${suffix(part)}`;
/** What an element's data chooses of its role, such as an outlined button. */
export const variantClass = (name: string, part: string): string => `v-${name}${suffix(part)}`;
/** A designer's own class, kept apart from all others. */
export const ownClass = (name: string): string => `o-${name}`;

/** Every class that a style sheet for this widget can reach, with what it names. */
export function classesOf({ elements }: WidgetDocument): Map<string, string> {
  const known = new Map<string, string>([
    ['box', 'the widget’s box'],
    ['scene', 'the scene'],
    ['close', 'the close button'],
    ['header', 'the header'],
    ['footer', 'the footer'],
  ]);
  for (const element of Object.values(elements)) {
    const { type, label, parts, role: roleOf } = definitionOf(element);
    const role = roleOf(element as never);
    known.set(typeClass(type), `every ${label.toLowerCase()}`);
    for (const part of parts)
      known.set(roleClass(role, part), part === 'box' ? `role ${role}` : `${part} of ${label.toLowerCase()}`);
    if (element.class) known.set(ownClass(element.class), 'your class');
  }
  return known;
}
