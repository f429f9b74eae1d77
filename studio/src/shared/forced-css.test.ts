import { foreign } from '@sirene/core/compile/foreign';
import { compileWidget } from '@sirene/core/compile';
import { buildWidget, email, field, form, link, send } from '@sirene/core/library/sketch';
import { plainBrand, states, type State } from '@sirene/core/style';
import { forcedCss } from './forced-css.js';

const background = (state: State) => ({ box: { [state]: { background: '#123456' } } });
const mark = (state: State) => ({ mark: { [state]: { background: '#123456' } } });

/** A widget in which one state says something of a button, a field’s input and a mark. */
const styled = (state: State) =>
  buildWidget({
    name: 'States',
    kind: 'popup',
    placement: { type: 'centre' },
    opening: [
      form([email(), field('choice', 'one', 'One', { options: ['A', 'B'] }), send('Send')]),
      link('Read on'),
    ],
    style: {
      button: background(state),
      field: { input: { [state]: { background: '#123456' } }, ...mark(state) },
    },
  });

test.each(states)('the rules of %s are forced, and none of another state are', (state) => {
  const { css } = compileWidget(styled(state), plainBrand, foreign);
  const forced = forcedCss(css, state);
  const rules = forced.split('}').filter((rule) => rule.includes('#123456'));
  expect(rules.length).toBeGreaterThan(0);
  for (const rule of rules) expect(rule).toContain('[data-forced]');
  for (const other of states.filter((one) => one !== state && one !== 'selected'))
    expect(
      forcedCss(css, other)
        .split('}')
        .filter((rule) => rule.includes('#123456')),
    ).not.toEqual(rules);
});
