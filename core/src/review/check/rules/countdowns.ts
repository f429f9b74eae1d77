import { createElement, toRuns, type Element } from '../../../document/elements/index.js';
import { freeKey, type Operation, type WidgetDocument } from '../../../document/widget/index.js';
import { instantOf } from '../../../base/zones/index.js';
import { seen, titleOf, type Finding, type Rule } from '../finding.js';

/** Countdowns that have ended, and those that leave visitors with zeros when they do. */
export const countdownsRule: Rule = (subject) => {
  const { document, now } = subject;
  return seen(subject).flatMap(([id, element]): Finding[] => {
    if (element.type !== 'countdown') return [];
    // A time of the visitor's own, and a date that comes again, are never over for all.
    const isDate = (element.goal ?? 'date') === 'date';
    const ends = isDate ? instantOf(element.until, element.zone) : null;
    const found: Finding[] = [];
    if (now !== undefined && ends !== null && ends <= now)
      found.push({ element: id, severity: 'warning', text: `${titleOf(element)}: the countdown has ended` });
    const isLeft = (element.end ?? 'scene') === 'scene' && element.goal !== 'repeat';
    if (isLeft && !document.scenes.expired)
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
