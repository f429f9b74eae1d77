import { seen, titleOf, type Rule } from '../finding.js';

/** Links without a URL yet. */
export const linksRule: Rule = (subject) =>
  seen(subject).flatMap(([id, element]) => {
    const isOpen =
      (element.type === 'button' && element.action.type === 'link' && element.action.address === '') ||
      (element.type === 'plan' && element.button !== '' && element.address === '') ||
      (element.type === 'links' && element.items.some(({ address, off }) => address === '' && !off));
    return isOpen
      ? [{ element: id, severity: 'warning', text: `${titleOf(element)}: the link has no URL yet` }]
      : [];
  });
