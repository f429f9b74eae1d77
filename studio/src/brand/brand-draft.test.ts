import { plainBrand, type Brand } from '@sirene/core/style';
import { withToken } from '@sirene/core/review/brand';
import { draftStep, startDraft, type BrandStep } from './brand-draft.js';
import { resumed } from './pending-brand.js';

const painted = (hex: string): Brand => withToken(plainBrand, 'color.accent', hex);
const run = (...steps: BrandStep[]) => steps.reduce(draftStep, startDraft(plainBrand));
const change = (hex: string, of = ''): BrandStep => ({ type: 'change', brand: painted(hex), of });

test('undo and redo go all the way', () => {
  const draft = run(
    change('#111111'),
    change('#222222'),
    { type: 'undo' },
    { type: 'undo' },
    { type: 'undo' },
  );
  expect(draft.brand).toBe(plainBrand);
  expect(run(change('#111111'), { type: 'undo' }, { type: 'redo' }).brand).toEqual(painted('#111111'));
});

test('a slider drawn is one step, another control another', () => {
  const draft = run(change('#111111', 'accent'), change('#222222', 'accent'), change('#333333', 'ink'));
  expect(draft.past).toEqual([plainBrand, painted('#222222')]);
});

test('an undone step is not gone on with', () => {
  const draft = run(change('#111111', 'accent'), { type: 'undo' }, change('#222222', 'accent'), {
    type: 'undo',
  });
  expect(draft.brand).toBe(plainBrand);
});

test('a change forgets what was undone; saving forgets all', () => {
  expect(run(change('#111111'), { type: 'undo' }, change('#222222'), { type: 'redo' }).brand).toEqual(
    painted('#222222'),
  );
  expect(run(change('#111111'), { type: 'saved', brand: painted('#999999') }).past).toEqual([]);
});

test('what was changed and not saved is the first step of the next visit, unless the brand was saved since', () => {
  const saved = { tokens: {}, looks: {}, fonts: [] };
  const changed = { ...saved, looks: { quiet: { name: 'Quiet', role: 'button' as const, style: {} } } };
  const back = resumed(saved, { base: { ...saved }, brand: changed });
  expect([back.brand, back.past]).toEqual([changed, [saved]]);
  expect(draftStep(back, { type: 'undo' }).brand).toEqual(saved);
  expect(resumed(saved, { base: changed, brand: changed })).toEqual(startDraft(saved));
  expect(resumed(saved, null)).toEqual(startDraft(saved));
});
