import { compileWidget } from '../../compile/index.js';
import { buildWidget, drawing } from '../../library/sketch/index.js';
import { plainBrand } from '../index.js';
import { validateDocument } from '../../document/widget/index.js';
import { illustrationAt, illustrationHtml, illustrations, paintsOf, type IllustrationName } from './index.js';

const names = Object.keys(illustrations) as IllustrationName[];

it('there are two dozen and more, each for a purpose of its own', () => {
  expect(names.length).toBeGreaterThanOrEqual(24);
  expect(new Set(names.map((name) => illustrations[name].purpose)).size).toBe(names.length);
});

describe.each(names)('the drawing %s', (name) => {
  const html = illustrationHtml(illustrations[name], '').text;

  it('is painted with the paints that there are, and with no colour of its own', () => {
    const paints = [...html.matchAll(/<(?:path|rect|circle) class="([a-z]+)"/g)].map(([, paint]) => paint);
    expect(paints.length).toBeGreaterThan(4);
    const css = paintsOf(illustrations[name]).join('');
    for (const paint of paints) expect(css).toMatch(new RegExp(`\\b${paint}\\b`));
    expect(html).not.toMatch(/#[0-9a-f]{3}|rgb|style=|fill=|NaN|undefined/);
  });

  it('stays within its frame', () => {
    const numbers = [...html.matchAll(/ (?:cx|x)="(-?[\d.]+)"/g)].map(([, x]) => Number(x));
    for (const x of numbers) expect(x >= 0 && x <= 240).toBe(true);
  });
});

describe('an image that shows a drawing', () => {
  const document = (more = {}) =>
    buildWidget({
      name: 'Drawn',
      kind: 'cta',
      placement: { type: 'inline' },
      opening: [{ ...drawing('gift'), ...more }],
    });

  it('is drawn in place, in the tokens of the brand', () => {
    const { scenes, css } = compileWidget(document(), plainBrand);
    expect(scenes.opening).toContain('<svg viewBox="0 0 240 160" class="art" aria-hidden="true">');
    expect(css).toContain('.t-image .fill{fill:var(--color-accent)}');
    expect(css).toContain('--color-accent-strong:');
  });

  it('is named by its alternative text', () => {
    const { scenes } = compileWidget(document({ plain: false, alt: 'A present' }), plainBrand);
    expect(scenes.opening).toContain('role="img" aria-label="A present"');
  });

  it.each(['art:nothing', 'art:constructor', 'art:'])('%s is refused', (src) => {
    expect(illustrationAt(src)).toBeNull();
    expect(validateDocument(document({ src }))).toMatchObject({
      ok: false,
      problems: [{ reason: expect.stringContaining('an illustration') as string }],
    });
  });
});
