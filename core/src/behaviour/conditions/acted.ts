import { Type } from '@sinclair/typebox';
import { oneOf } from '../../base/schema/index.js';
import { valueAt } from '../../base/maps/index.js';
import { around, axis, remembering } from '../axis.js';
import type { ConditionKind } from '../condition.js';
import { dayMs } from '../../base/time/weekdays.js';
import type { WidgetMemory } from '../memory.js';
import { defineRule, ruleSchema } from '../rule-spec.js';
import { widgetName } from '../schemas.js';
import { titleOfName } from '../widget-name.js';

const deeds = ['seen', 'closed', 'submitted'] as const;

export interface ActedCondition {
  type: 'acted';
  /** The other widget's address name. */
  widget: string;
  did: (typeof deeds)[number];
  /** Whether they must have, or must not have. */
  is: 'yes' | 'no';
  /** How long ago at most, days; 0 is ever. */
  days: number;
}

const when: Record<ActedCondition['did'], keyof WidgetMemory> = {
  seen: 'shownAt',
  closed: 'closedAt',
  submitted: 'submittedAt',
};

/** What the visitor did with another widget of the site. */
export const acted: ConditionKind<ActedCondition> = {
  compile({ widget, did, is, days }, { idOf }) {
    const id = idOf(widget) ?? '';
    return ({ memory, now }) => {
      const at = valueAt(memory.widgets, id)?.[when[did]];
      const has = at !== undefined && (days === 0 || now - at <= days * dayMs);
      return has === (is === 'yes');
    };
  },
};

export const actedSpec = defineRule({
  type: 'acted',
  label: 'Another widget',
  schema: () =>
    ruleSchema('acted', {
      widget: widgetName(),
      did: oneOf(deeds),
      is: oneOf(['yes', 'no']),
      days: Type.Integer({ minimum: 0, maximum: 3650 }),
    }),
  create: () => ({ type: 'acted', widget: '', did: 'submitted', is: 'no', days: 0 }),
  phrase: ({ widget, did, is, days }: ActedCondition) =>
    `who have ${is === 'no' ? 'not ' : ''}${did} ${titleOfName(widget)}${days > 0 ? ` in the last ${days} ${days === 1 ? 'day' : 'days'}` : ''}`,
  axis: ({ widget, did, days }: ActedCondition) =>
    axis(
      `acted ${did} ${widget}`,
      [null, ...around([days])],
      (ago) =>
        ago === null
          ? `has not ${did} ${titleOfName(widget)}`
          : `${did} ${titleOfName(widget)} ${ago === 0 ? 'today' : `${ago} days ago`}`,
      (visit, ago) => {
        const past = valueAt(visit.memory.widgets, widget);
        const { [when[did]]: _, ...rest } = past ?? {};
        const next = ago === null ? rest : { ...rest, [when[did]]: visit.now - ago * dayMs };
        return remembering(visit, { widgets: { ...visit.memory.widgets, [widget]: next } });
      },
    ),
  fields: [
    { key: 'widget', label: 'Widget', widget: true },
    { key: 'is', label: 'Visitor', choice: { yes: 'Has', no: 'Has not' } },
    {
      key: 'did',
      label: 'Action',
      choice: { seen: 'Seen it', closed: 'Closed it', submitted: 'Submitted it' },
    },
    { key: 'days', label: 'Within', unit: 'days', min: 0, max: 3650, help: '0 means at any time.' },
  ],
});
