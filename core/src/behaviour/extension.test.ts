import { jest } from '@jest/globals';
import { Type } from '@sinclair/typebox';
import type { ConditionKind } from './condition.js';
import type { RuleSpec } from './rule-spec.js';
import type { TriggerKind } from './trigger.js';

// A trigger and a condition that are made here alone, each with its line in the registry: they are known everywhere.
const evening: TriggerKind<{ type: 'evening'; hour: number }> = {
  fired: ({ hour }, { now }) => new Date(now).getUTCHours() >= hour,
};
const eveningSpec = {
  type: 'evening',
  label: 'Evening',
  schema: () =>
    Type.Object(
      { type: Type.Literal('evening'), hour: Type.Integer({ minimum: 0, maximum: 23 }) },
      { additionalProperties: false },
    ),
  create: () => ({ type: 'evening', hour: 18 }),
  phrase: ({ hour }: { hour: number }) => `from ${hour} o’clock on`,
  fields: [{ key: 'hour', label: 'From', unit: 'h', min: 0, max: 23 }],
} satisfies RuleSpec;

const odd: ConditionKind<{ type: 'odd' }> = { compile: () => (visit) => visit.memory.pages % 2 === 1 };
const oddSpec = {
  type: 'odd',
  label: 'Odd pages',
  schema: () => Type.Object({ type: Type.Literal('odd') }, { additionalProperties: false }),
  create: () => ({ type: 'odd' }),
  phrase: () => 'on every other page',
  fields: [],
} satisfies RuleSpec;

const triggers = await import('./triggers/registry.js');
const conditions = await import('./conditions/registry.js');
jest.unstable_mockModule('./triggers/registry.js', () => ({
  triggerSpecs: [...triggers.triggerSpecs, eveningSpec],
  kindOf: (trigger: { type: string }) =>
    trigger.type === 'evening' ? evening : triggers.kindOf(trigger as never),
}));
jest.unstable_mockModule('./conditions/registry.js', () => ({
  conditionSpecs: [...conditions.conditionSpecs, oddSpec],
  kindOf: (one: { type: string }) => (one.type === 'odd' ? odd : conditions.kindOf(one as never)),
}));
const { compileRules, conditionSpecs, explain, specOf, startState, step, triggerSpecs } =
  await import('./index.js');
const { validateDocument, widgetSchema } = await import('../document/widget/index.js');
const { ruleSentence } = await import('../review/sentence/index.js');
const { signup } = await import('../testing/documents.js');
const { facts } = await import('../testing/visits.js');

const document = {
  ...signup(),
  behaviour: {
    ...signup().behaviour,
    triggers: { any: [{ type: 'evening', hour: 20 }] },
    targeting: { all: [{ type: 'odd' }] },
  },
};

test('a new trigger and a new condition are part of the document, with their limits', () => {
  expect(validateDocument(document)).toMatchObject({ ok: true });
  const late = structuredClone(document);
  late.behaviour.triggers.any = [{ type: 'evening', hour: 24 }];
  expect(validateDocument(late)).toMatchObject({ ok: false });
  expect(JSON.stringify(widgetSchema())).toContain('"evening"');
});

test('they are said in the sentence of the rule', () => {
  expect(ruleSentence(document as never)).toMatch(
    /^Appears from 20 o’clock on, on every page, to visitors on every other page/,
  );
});

test('the studio finds their controls, as it finds those of the others', () => {
  expect(triggerSpecs.map(({ type }) => type as string)).toContain('evening');
  expect(conditionSpecs.map(({ type }) => type as string)).toContain('odd');
  expect(specOf(triggerSpecs, { type: 'evening' }).fields).toEqual(eveningSpec.fields);
  expect(specOf(triggerSpecs, { type: 'from-next-year' }).phrase({} as never)).toBe(
    'by an unknown rule (from-next-year)',
  );
});

test('the machine goes by them, and says why', () => {
  const rules = compileRules([
    {
      ...document.behaviour,
      id: 'w',
      slug: 'letter',
      mode: 'overlay',
      covers: [0, 0],
    } as never,
  ]);
  const visit = (hour: number, earlier = startState()) =>
    step(rules, earlier, {
      type: 'arrive',
      at: Date.UTC(2026, 10, 24) + hour * 3_600_000,
      ...facts(),
    });
  const shown = ([, effects]: ReturnType<typeof visit>) => effects.some(({ type }) => type === 'show');
  expect(shown(visit(21))).toBe(true);
  const [state] = visit(19.9);
  expect(shown(visit(19.9))).toBe(false);
  const reasons = explain(rules, state, 'w')?.reasons ?? [];
  expect(reasons.map(({ rule, holds }) => [rule, holds])).toEqual([
    ['targeting', true],
    ['pause', true],
    ['triggers', false],
    ['place', true],
  ]);
  // The second page of the visit is none of the odd ones.
  expect(shown(visit(20.1, state))).toBe(false);
  expect(shown(visit(20.2, visit(20.1, state)[0]))).toBe(true);
});
