import type { TSchema } from '@sinclair/typebox';
import { actionSpecs } from '../actions/index.js';
import { schemaProblems } from '../base/schema/schema-problems.js';
import { conditionSpecs, signalDeeds, specOf, triggerSpecs } from '../behaviour/index.js';
import { kindOf as conditionKind } from '../behaviour/conditions/registry.js';
import { kindOf as triggerKind } from '../behaviour/triggers/registry.js';
import { elementDefinitions, elementProblems, type Element } from '../document/elements/index.js';
import { placementDefinitions } from '../document/placement/index.js';
import { fieldKinds, fieldSpecs } from '../form/index.js';
import { partsOf, roleDefinitions, roles } from '../style/index.js';

// What is left out of a kind's file, or of its line in a registry, is found here, and named.
const problems = (schema: TSchema, value: unknown) => schemaProblems(schema, value, '');
const named = (labels: string[]) => {
  expect(labels.every((label) => /^[A-Z]/.test(label))).toBe(true);
  expect(new Set(labels).size).toBe(labels.length);
};

test.each(Object.entries(elementDefinitions))('the element %s has all that an element has', (type, kind) => {
  expect(kind.type).toBe(type);
  expect(kind.icon.length).toBeGreaterThan(0);
  const made = kind.create() as Element;
  expect([...elementProblems('e1', made)]).toEqual([]);
  expect(kind.title(made as never)).not.toBe('');
  const role = kind.role(made as never);
  expect(roles).toContain(role);
  for (const part of kind.parts)
    expect([type, partsOf(role)]).toEqual([type, expect.arrayContaining([part])]);
  // A spacer has nothing but its height.
  expect(kind.container || kind.properties.length > 0 || kind.sized !== undefined).toBe(true);
});

test.each(Object.entries(placementDefinitions))(
  'the placement %s has all that a placement has',
  (type, kind) => {
    const made = kind.create() as never;
    expect(kind.type).toBe(type);
    expect(problems(kind.schema, made)).toEqual([]);
    expect(kind.help).toMatch(/^[A-Z].*[.]$/s);
    expect(kind.phrase(made)).toMatch(/^(at|in|as|on|behind|anchored|inline)/);
    expect(kind.css(made)).toContain('.box');
  },
);

test.each([
  ['trigger', triggerSpecs, triggerKind],
  ['condition', conditionSpecs, conditionKind],
] as const)('every %s has all that one has', (_, specs, kindOf) => {
  for (const spec of specs) {
    const made = spec.create() as never;
    expect([spec.type, problems(spec.schema(), made)]).toEqual([spec.type, []]);
    expect(specOf(specs, made).phrase(made)).not.toMatch(/unknown|^$/);
    // By hand it is the same as one that nobody knows: the page asks for it.
    if (!spec.byHand)
      expect([spec.type, kindOf(made)]).not.toEqual([spec.type, kindOf({ type: 'none of them' } as never)]);
    for (const { key } of spec.fields) expect(Object.keys(made)).toContain(key);
  }
  named(specs.map(({ label }) => label));
});

test('every action has all that an action has', () => {
  for (const { type, schema, create, told, phrase, fields } of actionSpecs) {
    const made = create('A widget') as never;
    expect([type, problems(schema, made)]).toEqual([type, []]);
    expect(Array.isArray(told(made))).toBe(true);
    expect(phrase(['a', 'b'], made)).not.toBe('');
    for (const { key } of fields) expect(Object.keys(schema.properties)).toContain(key);
  }
  named(actionSpecs.map(({ label }) => label));
});

test('every field, role and signal has all that one has', () => {
  // Files and amounts are no kinds of field that are offered: they have elements of their own.
  expect([...fieldSpecs.map(({ kind }) => kind), 'file', 'amount', 'signature'].sort()).toEqual(
    Object.keys(fieldKinds).sort(),
  );
  named(fieldSpecs.map(({ label }) => label));
  for (const role of roles) {
    const styled = new Set(roleDefinitions[role].groups.map(({ part }) => part));
    expect([role, partsOf(role).filter((part) => !styled.has(part))]).toEqual([role, []]);
  }
  named(roles.map((role) => roleDefinitions[role].name));
  const made = [...triggerSpecs, ...conditionSpecs].map((spec) => spec.create() as { type: string });
  named(
    Object.values(signalDeeds).map((deed) =>
      deed.by === 'rule' ? deed.label(deed.details(made)[0] as never) : deed.label,
    ),
  );
});
