import { placementDefinitionOf } from '../../../document/placement/index.js';
import { valueAt } from '../../../base/maps/index.js';
import { comesByItself } from '../../../behaviour/index.js';
import { seen, setting, titleOf, type Rule } from '../finding.js';

/** The least side of what is pressed, px (WCAG 2.2, 2.5.8). */
export const leastTarget = 24;

/** What is too small to be pressed with a thumb. */
export const tapRule: Rule = ({ document, drawn }) =>
  (drawn?.small ?? []).flatMap(({ element: id, width, height }) => {
    const element = valueAt(document.elements, id);
    if (!element) return [];
    const text = `${titleOf(element)}: ${Math.round(width)} × ${Math.round(height)} px is too small to tap; the minimum is ${leastTarget} px`;
    const name = height < leastTarget ? 'minHeight' : 'minWidth';
    return element.type === 'button'
      ? [
          {
            element: id,
            text,
            repair: { label: 'Make it larger', operation: setting(id, ['style', 'box', 'base', name], 44) },
          },
        ]
      : [{ element: id, text }];
  });

/** What does not fit a window of 320 px (WCAG 2.2, 1.4.10). */
export const narrowRule: Rule = (subject) =>
  seen(subject)
    .filter(([id]) => subject.drawn?.wide.includes(id))
    .map(([id, element]) => ({
      element: id,
      text: `${titleOf(element)}: too wide for a window of 320 px`,
      repair: {
        label: 'Fit on phones',
        operation: {
          type: 'group',
          operations: [
            setting(id, ['style', 'box', 'small', 'minWidth'], 0),
            setting(id, ['style', 'box', 'small', 'maxWidth'], '100%'),
            ...(element.type === 'text' && element.level > 0
              ? [setting(id, ['style', 'box', 'small', 'fontSize'], '{size.large}')]
              : []),
          ],
        },
      },
    }));

/** Of a phone's window, what comes by itself may cover at most so much. */
const mostCovered = 0.5;

/** What covers a phone without having been asked for. */
export const coverRule: Rule = ({ document: { placement, behaviour }, drawn }) => {
  const covers = drawn?.covers ?? 0;
  const fields = placementDefinitionOf(placement).schema.properties;
  if (!('coversPhone' in fields) || covers <= mostCovered || !comesByItself(behaviour)) return [];
  if ('coversPhone' in placement && placement.coversPhone) return [];
  const isSheet = 'sheet' in placement && placement.sheet === true;
  return [
    {
      element: null,
      severity: 'warning',
      text: `It covers ${Math.round(covers * 100)} % of a phone’s window by itself; more than half gets in the way`,
      repair:
        isSheet || !('sheet' in fields)
          ? { label: 'Let it', operation: { type: 'set', path: ['placement', 'coversPhone'], value: true } }
          : {
              label: 'Show as bottom sheet',
              operation: { type: 'set', path: ['placement', 'sheet'], value: true },
            },
    },
  ];
};
