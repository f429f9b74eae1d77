import { createElement, toRuns, type Element } from '../../../document/elements/index.js';
import { freeKey, type Operation, type WidgetDocument } from '../../../document/widget/index.js';
import { instantOf } from '../../../base/zones/index.js';
import { seen, titleOf, type Finding, type Rule } from '../finding.js';

/** Countdowns that have ended, and those that leave visitors with zeros when they do. */
export const countdownsRule: Rule = (subject) => {
  const { document, now } = subject;
  return seen(subject).flatMap(([id, element]): Finding[] => {
    if (element.type !== 'countdown') return [];
    const ends = instantOf(element.until, element.zone);
    const found: Finding[] = [];
    if (now !== undefined && ends !== null && ends <= now)
      found.push({ element: id, severity: 'warning', text: `${titleOf(element)}: the countdown has ended` });
    if (!document.scenes.expired)
      found.push({
        element: id,
        severity: 'warning',
        text: `${titleOf(element)}: nothing is shown when it ends`,
        repair: { label: 'Add an expired scene', operation: addExpired(document) },
      });
    return found;
  });
};

function addExpired({ elements }: WidgetDocument): Operation {
  const taken = new Set(Object.keys(elements));
  const [root, words] = [freeKey('expired', taken), freeKey('ended', taken)];
  const group = { ...createElement('group'), children: [words] } as Element;
  const text = { ...createElement('text'), content: toRuns('This offer has ended.') } as Element;
  return {
    type: 'group',
    operations: [
      { type: 'set', path: ['elements', words], value: text },
      { type: 'set', path: ['elements', root], value: group },
      { type: 'set', path: ['scenes', 'expired'], value: { root } },
    ],
  };
}
