import { iconOf, type Element } from '@sirene/core/document/elements';
import { createElement } from 'react';

/** What stands for an element in the outline and in the menu of new ones, as its kind draws it. */
export function ElementIcon({ element }: { element: Element }) {
  return (
    <svg
      width={15}
      height={15}
      viewBox="0 0 24 24"
      fill="none"
      stroke="currentColor"
      strokeWidth={2}
      strokeLinecap="round"
      strokeLinejoin="round"
      aria-hidden
      style={{ flex: 'none' }}
    >
      {iconOf(element).map(([tag, attributes], at) => createElement(tag, { ...attributes, key: at }))}
    </svg>
  );
}
