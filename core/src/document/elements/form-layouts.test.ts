import { compileWidget } from '../../compile/index.js';
import { buildWidget, email, field, form, send, words, type Sketch } from '../../library/sketch/index.js';
import { plainBrand } from '../../style/index.js';

const compiled = (layout: string | undefined, inside: readonly Sketch[]) => {
  const { scenes, css } = compileWidget(
    buildWidget({
      name: 'Signup',
      kind: 'form',
      placement: { type: 'inline' },
      opening: [{ ...form(inside), ...(layout && { layout }) }],
    }),
    plainBrand,
  );
  return { html: scenes.opening ?? '', css };
};
const linesOf = (html: string) => Array.from(html.matchAll(/class="line (line-[fb]+)"/g), ([, name]) => name);

describe('the layout of a form', () => {
  it('is one below the other where nothing is said, and writes nothing for it', () => {
    const { html, css } = compiled(undefined, [email(), send('Send')]);
    expect(linesOf(html)).toEqual([]);
    expect(css).not.toMatch(/\.line|columns|@container/);
  });

  it.each<[string, Sketch[], string[]]>([
    ['a field and its button share a line', [email(), send('Send')], ['line-fb']],
    [
      'a text ends one',
      [email(), words('And'), field('text', 'n', 'Name'), send('Go')],
      ['line-f', 'line-fb'],
    ],
    ['what is hidden takes no part', [email(), { ...words('x'), hidden: true }, send('Send')], ['line-fb']],
    ['nothing makes no line', [words('Soon')], []],
  ])('side by side: %s', (_, inside, lines) => {
    const { html, css } = compiled('side', inside);
    expect(linesOf(html)).toEqual(lines);
    for (const name of lines) expect(css).toContain(`.${name}{grid-template-columns:`);
  });

  it('side by side: fields take what buttons leave, and stand below each other where that is too little', () => {
    const { css } = compiled('side', [email(), field('text', 'n', 'Name'), send('Send')]);
    expect(css).toContain('.line-ffb{grid-template-columns:minmax(0,1fr) minmax(0,1fr) auto}');
    expect(css).toContain('@container (max-width:390px)');
  });

  it('in columns: what is no field, long texts and checkboxes keep the whole row', () => {
    const { html, css } = compiled('columns', [email(), field('long-text', 'm', 'Message')]);
    expect(html).toContain('<form data-e="e1" class="t-form r-form columns"');
    expect(css).toContain(
      '.t-form.columns>:is(:not(.t-field),:has(>textarea),[role=group]){grid-column:1/-1}',
    );
  });
});
