import fc from 'fast-check';
import type { PlacementType } from '../document/placement/index.js';
import { buildWidget, heading, icon, words } from '../library/sketch/index.js';
import { completeBrand, plainBrand, srgb } from '../style/index.js';
import { anyDocument, signup } from '../testing/documents.js';
import {
  applyOperation,
  changePlacement,
  type Operation,
  type WidgetDocument,
} from '../document/widget/index.js';
import { compileWidget, escapeHtml, h } from './index.js';

const set = (document: WidgetDocument, path: string[], value: unknown) =>
  applyOperation(document, { type: 'set', path, value }).document;
const opening = (document: WidgetDocument) => compileWidget(document, plainBrand).scenes.opening ?? '';

/** Every text that a document can hold, set to one hostile text. */
function hostile(text: string): WidgetDocument {
  let document = signup();
  const paths = [
    ['name'],
    ['elements', 'email', 'label'],
    ['elements', 'email', 'hint'],
    ['elements', 'email', 'placeholder'],
    ['elements', 'email', 'missing'],
    ['elements', 'form', 'failed'],
    ['elements', 'send', 'label'],
  ];
  for (const path of paths) document = set(document, path, text);
  document = set(document, ['elements', 'title', 'content'], [{ text, bold: true, link: text }]);
  return set(document, ['elements', 'send', 'action'], { type: 'link', address: text });
}

test('no text of a document ever becomes markup', () => {
  const texts = fc.oneof(
    fc.string({ unit: fc.constantFrom('<', '>', '"', "'", '&', '`', '=', '/', 'a', ' ', '\n') }),
    fc.constantFrom(
      '<script>alert(1)</script>',
      '" onload="x',
      "'><img src=x onerror=y>",
      'javascript:alert(1)',
      '&lt;b&gt;',
    ),
  );
  // With letters only in place of the hostile text, the tags and attributes must be the very same.
  const shape = (html: string) =>
    html
      .replace(/>[^<]*</g, '><')
      .replace(/="[^"]*"/g, '=""')
      .replace(/<br>/g, '');
  const expected = shape(opening(hostile('harmless')));
  const withoutLink = shape(
    opening(set(hostile('harmless'), ['elements', 'title', 'content'], [{ text: 'x', bold: true }])),
  );
  fc.assert(
    fc.property(texts, (text) => {
      const html = opening(hostile(text));
      expect(html).not.toMatch(/<script|href="\s*javascript|<img/i);
      if (text.trim() === '') return;
      const plain = shape(html)
        .replace(/ href=""/g, '')
        .replace(/<\/?a>/g, '');
      expect(
        [expected, withoutLink].map((one) => one.replace(/ href=""/g, '').replace(/<\/?a>/g, '')),
      ).toContain(plain);
    }),
    { numRuns: 200 },
  );
});

test.each([
  ['<b>', '&lt;b&gt;'],
  ['"\'&', '&quot;&#39;&amp;'],
])('%s is escaped', (text, escaped) => {
  expect(escapeHtml(text)).toBe(escaped);
  expect(h('p', { title: text }, text).text).toBe(`<p title="${escaped}">${escaped}</p>`);
});

test('compiling is deterministic and leaves the document alone', () => {
  fc.assert(
    fc.property(anyDocument, (document) => {
      const before = JSON.stringify(document);
      const once = JSON.stringify(compileWidget(document, plainBrand));
      expect(JSON.stringify(compileWidget(document, plainBrand))).toBe(once);
      expect(JSON.stringify(document)).toBe(before);
    }),
    { numRuns: 60 },
  );
});

test('a label that is hidden stays in the accessible name', () => {
  const html = opening(set(signup(), ['elements', 'email', 'labelHidden'], true));
  expect(html).toContain('<label for="email-control" class="label r-field-label unseen">E-mail</label>');
});

test('hidden elements are neither written nor asked for', () => {
  const compiled = compileWidget(set(signup(), ['elements', 'name', 'hidden'], true), plainBrand);
  expect(compiled.scenes.opening).not.toContain('name-control');
  expect(compiled.forms['form']?.fields.map(({ key }) => key)).toEqual(['email']);
});

test('the accessible name is the first heading, else the widget’s name', () => {
  expect(compileWidget(signup(), plainBrand).label).toBe('Sign up');
  const plain = applyOperation(signup(), { type: 'remove', id: 'title' }).document;
  expect(compileWidget(plain, plainBrand).label).toBe('Signup');
});

test('CSS holds only what the widget uses, and each rule once', () => {
  const { css } = compileWidget(signup(), plainBrand);
  const rules = css.match(/[^{}]+\{[^{}]*\}/g) ?? [];
  expect(new Set(rules).size).toBe(rules.length);
  expect(css).not.toContain('.r-group-');
  const inline = compileWidget(
    applyOperation(signup(), changePlacement(signup(), 'inline')).document,
    plainBrand,
  );
  expect(inline.css).not.toMatch(/backdrop|\.close|--color-veil/);
  for (const variable of css.match(/var\((--[a-z0-9-]+)\)/g) ?? []) {
    expect(css).toContain(`${variable.slice(4, -1)}:`);
  }
});

test('own values come after the brand’s, and states after rest', () => {
  let document = set(signup(), ['elements', 'send', 'style', 'box', 'base', 'background'], '#111111');
  document = set(document, ['elements', 'send', 'style', 'box', 'small', 'background'], '#222222');
  const { css } = compileWidget(document, plainBrand);
  const at = (text: string) => {
    expect(css).toContain(text);
    return css.indexOf(text);
  };
  expect(at('.r-button{')).toBeLessThan(at('.send{background-color:#111111}'));
  expect(at('.send{background-color:#111111}')).toBeLessThan(
    at('@media (max-width:600px){.send{background-color:#222222}}'),
  );
  expect(at('{.send{background-color:#222222}}')).toBeLessThan(at('.r-button:hover{'));
});

test('a rebrand changes the variables and nothing else', () => {
  const rules = (css: string) => css.replace(/^:host,\.box\{[^}]*\}/, '');
  const before = compileWidget(signup(), plainBrand);
  const after = compileWidget(
    signup(),
    completeBrand({ tokens: { color: { accent: { $value: srgb('#ff0000') } } } }),
  );
  expect(after.css).toContain('--color-accent:#ff0000');
  expect(rules(after.css)).toBe(rules(before.css));
  expect(after.scenes).toEqual(before.scenes);
});

test('a widget’s look is used where an element names it', () => {
  const looks = {
    quiet: { name: 'Quiet', role: 'button' as const, style: { box: { base: { background: '#eeeeee' } } } },
  };
  const { css, scenes } = compileWidget(set(signup(), ['elements', 'send', 'look'], 'quiet'), {
    ...plainBrand,
    looks,
  });
  expect(css).toContain('.l-quiet{background-color:#eeeeee}');
  expect(scenes.opening).toContain('class="t-button r-button l-quiet wide"');
});

test('an address afterwards that is not safe closes the widget instead', () => {
  const to = (address: string) =>
    compileWidget(set(signup(), ['afterwards', 'visitor'], { type: 'page', address }), plainBrand).after;
  expect(to('/thanks')).toEqual({ type: 'page', address: '/thanks' });
  expect(to('javascript:alert(1)')).toEqual({ type: 'close' });
});

test('a change of placement takes the widget’s own surface along and can be undone', () => {
  const styled = set(signup(), ['style', 'overlay', 'box', 'base', 'background'], '#101010');
  const operation: Operation = changePlacement(styled, 'inline');
  const { document, inverse } = applyOperation(styled, operation);
  expect(document.style).toEqual({ panel: { box: { base: { background: '#101010' } } } });
  expect(applyOperation(document, inverse).document).toEqual(styled);
});

describe('the language of a widget', () => {
  const inLanguage = (own: string | undefined, site: string | undefined) => {
    const document = set(signup(), ['language'], own);
    return compileWidget(document, { ...plainBrand, ...(site && { language: site as 'de' }) });
  };

  it('is its own, else the site’s, else English', () => {
    expect([
      inLanguage('fr', 'de'),
      inLanguage(undefined, 'de'),
      inLanguage(undefined, undefined),
    ]).toMatchObject([
      { lang: 'fr', dir: 'ltr' },
      { lang: 'de', dir: 'ltr' },
      { lang: 'en', dir: 'ltr' },
    ]);
  });

  it('decides what visitors read, where the designer has written nothing', () => {
    const { close, scenes, forms } = inLanguage('de', undefined);
    expect(close).toContain('aria-label="Schließen"');
    expect(scenes.opening).toContain('data-sending="Wird gesendet …"');
    const [name, email] = forms['form']?.fields ?? [];
    expect(email?.messages.missing).toBe('Bitte geben Sie Ihre E-Mail-Adresse ein');
    expect(name?.messages).toEqual({ malformed: 'Bitte prüfen', tooLong: 'Bitte kürzen' });
  });

  it('decides the direction', () => {
    expect(inLanguage('he', undefined)).toMatchObject({ dir: 'rtl' });
  });
});

describe('header, body and footer', () => {
  const divided = (placement: { type: PlacementType } & Record<string, unknown>, style = {}) =>
    compileWidget(
      buildWidget({
        name: 'Parts',
        kind: 'popup',
        placement,
        opening: [heading('Hello')],
        header: [heading('Above', 3)],
        footer: [words('Below')],
        style,
      }),
      plainBrand,
    ).css;

  it('the footer is at the foot, and an inline box cuts them off at its corners', () => {
    expect(divided({ type: 'inline' })).toContain('.scene{flex:1 1 auto}.box{overflow:clip}');
    expect(divided({ type: 'centre' })).not.toContain('overflow:clip');
  });

  it('are as round as a box that cuts nothing off', () => {
    const closing = { button: true, escape: true, backdrop: true, at: 'outside-end' };
    const css = divided({ type: 'centre', closing });
    expect(css).toContain('.header{border-start-start-radius:inherit');
    expect(css).toContain('.footer{border-end-start-radius:inherit');
  });

  it('each has its own values; what the box says of its padding is the body’s', () => {
    const css = divided(
      { type: 'centre' },
      { overlay: { box: { base: { padding: 40 } }, body: { base: { background: '#fff3d6' } } } },
    );
    expect(css).toContain('.scene{padding:40px');
    expect(css).toMatch(/\.scene\{[^}]*background-color:#fff3d6/);
    expect(css).not.toMatch(/\.box\{[^}]*padding:40px/);
  });
});

test('a teaser of a drawing alone is named after its widget; one with words says what it is', () => {
  const launcher = (teaser: Parameters<typeof buildWidget>[0]['opening']) =>
    compileWidget(
      buildWidget({
        ...{ name: 'Evening desk', kind: 'chat', placement: { type: 'launcher' } },
        ...{ opening: [words('Hello')], scenes: { teaser } },
      }),
      plainBrand,
    ).scenes.teaser;
  expect(launcher([icon('phone')])).toMatch(/<span class="unseen">Evening desk<\/span>$/);
  expect(launcher([icon('phone'), words('Call us')])).not.toContain('unseen');
});
