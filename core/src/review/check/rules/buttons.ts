import { valueAt } from '../../../base/maps/index.js';
import { sourcesOf } from '../surroundings.js';
import { setting, titleOf, type Finding, type Rule, type Subject } from '../finding.js';
import { brandTokens, resolveValue, type Value } from '../../../style/index.js';
import { isSubmit, withDescendants, type Operation } from '../../../document/widget/index.js';

const rest = { screen: null, state: null };

/** Two buttons that are seen together and ask for the eye as loudly as each other: both in the brand's main colour. */
export const buttonsRule: Rule = (subject) =>
  subject.faces.flatMap(({ ids }) => {
    const found = seenTogether(subject, ids).flatMap((together) => besideMain(subject, together));
    return found.filter(({ element }, at) => found.findIndex((one) => one.element === element) === at);
  });

/** The elements of a face, in the steps of its forms one after the other. */
function seenTogether({ document: { elements } }: Subject, ids: readonly string[]): string[][] {
  const steps = ids.filter((id) => valueAt(elements, id)?.type === 'step');
  const inSteps = steps.map((id) => new Set(withDescendants(elements, id)));
  const always = ids.filter((id) => !inSteps.some((inside) => inside.has(id)));
  return steps.length === 0
    ? [[...ids]]
    : inSteps.map((inside) => ids.filter((id) => inside.has(id) || always.includes(id)));
}

function besideMain(subject: Subject, ids: readonly string[]): Finding[] {
  const loud = ids.filter((id) => isLoud(subject, id));
  // The one that sends is the main one, wherever it stands.
  const main = loud.find((id) => isSubmit(valueAt(subject.document.elements, id))) ?? loud[0];
  return loud
    .filter((id) => id !== main)
    .map((id) => ({
      element: id,
      text: `${label(subject, id)}: a second primary button beside ${label(subject, main as string)}`,
      repair: { label: 'Make it secondary', operation: quieter(subject, id) },
    }));
}

function isLoud(subject: Subject, id: string): boolean {
  const { document, brand } = subject;
  if (valueAt(document.elements, id)?.type !== 'button') return false;
  return backgroundOf(subject, id)?.css === brandTokens(brand).get('color.accent')?.css;
}

const backgroundOf = ({ document, brand }: Subject, id: string) =>
  resolveValue(sourcesOf(document, brand, id), 'box', 'background', rest, brandTokens(brand));

const label = ({ document }: Subject, id: string): string => {
  const element = valueAt(document.elements, id);
  return element ? titleOf(element) : id;
};

const quiet: Record<string, Value> = {
  background: 'transparent',
  color: '{color.accent}',
  borderColor: '{color.accent}',
  borderWidth: 1,
};

function quieter(subject: Subject, id: string): Operation {
  // A button that is loud by the brand alone is told another type; one with values of its own is given others.
  if (backgroundOf(subject, id)?.origin.level === 'brand') return setting(id, ['variant'], 'outlined');
  const set = (condition: string, name: string, value: Value) =>
    setting(id, ['style', 'box', condition, name], value);
  return {
    type: 'group',
    operations: [
      ...Object.entries(quiet).map(([name, value]) => set('base', name, value)),
      set('hover', 'background', '{color.soft}'),
      set('hover', 'color', '{color.accent-strong}'),
    ],
  };
}
