import { jest } from '@jest/globals';
import type { Rule } from './finding.js';

// Something to check that is made here alone, with its line in the registry.
const shoutingRule: Rule = ({ document }) =>
  document.name === document.name.toUpperCase() ? [{ element: null, text: 'The name shouts' }] : [];

const known = await import('./rules/registry.js');
jest.unstable_mockModule('./rules/registry.js', () => ({ rules: [...known.rules, shoutingRule] }));
const { checkDocument } = await import('./index.js');
const { plainBrand } = await import('../../style/index.js');
const { signup } = await import('../../testing/documents.js');

test('what a new rule finds is told, after what the others find', () => {
  const texts = (name: string) => checkDocument({ ...signup(), name }, plainBrand).map(({ text }) => text);
  expect(texts('Signup')).not.toContain('The name shouts');
  expect(texts('SIGNUP')).toEqual([...texts('Signup'), 'The name shouts']);
});
