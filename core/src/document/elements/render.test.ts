import { foreign } from '../../compile/foreign/index.js';
import { compileWidget } from '../../compile/index.js';
import { buildWidget, type Sketch } from '../../library/sketch/index.js';
import { plainBrand, type Brand } from '../../style/index.js';
import { validateDocument } from '../widget/index.js';

const compiled = (sketch: Sketch, brand: Brand = plainBrand, inForm = false) =>
  compileWidget(
    buildWidget({
      name: 'Any',
      kind: 'cta',
      placement: { type: 'inline' },
      opening: [inForm ? { type: 'form', inside: [sketch] } : sketch],
    }),
    brand,
    foreign,
  );
const html = (sketch: Sketch, brand?: Brand) => compiled(sketch, brand).scenes.opening ?? '';

describe('an image', () => {
  const image = (more: Record<string, unknown>): Sketch => ({
    type: 'image',
    src: 'asset:0123456789abcdef',
    alt: 'A moor',
    ...more,
  });

  it('is served in sizes up to its own', () => {
    const text = html(image({ size: [1000, 500] }));
    expect(text).toContain(
      'srcset="asset:0123456789abcdef/320.webp 320w, asset:0123456789abcdef/640.webp 640w, asset:0123456789abcdef/full.webp 1000w"',
    );
    expect(text).toContain('width="1000" height="500" loading="lazy"');
  });

  it('that only adorns says nothing', () => {
    expect(html(image({ plain: true }))).toContain('alt=""');
    expect(html(image({}))).toContain('alt="A moor"');
  });

  it('leads somewhere, and says where', () => {
    expect(html(image({ link: '/moor' }))).toContain('<a href="/moor" aria-label="A moor">');
    expect(html(image({ link: 'javascript:alert(1)' }))).not.toContain('<a');
  });

  it('of the brand is the brand’s mark, or none', () => {
    const logo = { src: 'asset:0123456789abcdef/full.svg', alt: 'Larkmoor', width: 200, height: 50 };
    expect(html(image({ src: 'brand:logo', alt: '' }), { ...plainBrand, logo })).toMatch(
      /full\.svg".*alt="Larkmoor" width="200"/,
    );
    expect(html(image({ src: 'brand:logo' }))).not.toContain('<img');
  });

  it('not chosen yet leaves its room', () => {
    expect(html(image({ src: '' }))).toContain('class="blank"');
  });
});

describe('an icon', () => {
  it('is hidden from screen readers unless it says something', () => {
    expect(html({ type: 'icon', name: 'moon' })).toMatch(
      /<span data-e="e1"[^>]*><svg [^>]*aria-hidden="true"/,
    );
    expect(html({ type: 'icon', name: 'moon', words: 'Night' })).toContain('role="img" aria-label="Night"');
    expect(html({ type: 'icon', name: 'moon', words: 'Shop', link: '/shop' })).toMatch(
      /<a [^>]*href="\/shop" aria-label="Shop"/,
    );
  });

  it('of one’s own is drawn without what it might run', () => {
    const text = html({
      type: 'icon',
      name: 'moon',
      svg: '<svg viewBox="0 0 9 9" onload="x"><script>y</script><path d="M0 0h9"/></svg>',
    });
    expect(text).toContain('<path d="M0 0h9">');
    expect(text).not.toMatch(/script|onload/);
  });

  it('that the library does not have is none', () => {
    expect(html({ type: 'icon', name: 'constructor' })).not.toContain('<svg');
  });
});

describe('a button', () => {
  const button = (more: Record<string, unknown>): Sketch => ({ type: 'button', label: 'Go', ...more });

  it.each([
    [{ type: 'submit' }, '<button', 'type="submit" data-act="submit"'],
    [{ type: 'close' }, '<button', 'type="button" data-act="close"'],
    [{ type: 'scene', scene: 'thanks' }, '<button', 'data-act="scene" data-to="thanks"'],
    [{ type: 'link', address: '/shop' }, '<a', 'href="/shop" data-act="link"'],
  ])('that does %j', (action, tag, attributes) => {
    const text = html(button({ action }));
    expect(text).toContain(tag);
    expect(text).toContain(attributes);
  });

  it('has its icon before or after, and a second line', () => {
    expect(html(button({ icon: 'moon' }))).toMatch(/<svg.*<\/svg><span data-text="label">Go/);
    expect(html(button({ icon: 'moon', iconAt: 'after' }))).toMatch(/Go<\/span><svg/);
    expect(html(button({ note: 'For free' }))).toContain('For free');
  });
});

describe('price plans', () => {
  const plan = (more: Record<string, unknown>): Sketch => ({ type: 'plan', name: 'Lens', ...more });
  const plans = (...inside: Sketch[]) => compiled({ type: 'plans', inside });

  it('share their rows, whatever each holds', () => {
    const { css } = plans(plan({}), plan({ badge: 'Most chosen', features: [] }));
    expect(css).toMatch(/\.t-plans\{[^}]*grid-template-rows:repeat\(7,auto\)/);
    expect(css).toMatch(/\.t-plan\{[^}]*grid-row:span 7;grid-template-rows:subgrid/);
  });

  it('keep what is switched off, and show it to nobody', () => {
    const own = { badge: 'Popular', old: 20, subtitle: 'For two', off: ['badge', 'old'] };
    const text = plans(plan(own)).scenes.opening ?? '';
    expect(text).not.toMatch(/Popular|€20/);
    expect(text).toContain('For two');
    expect(plans(plan({ ...own, off: [] })).scenes.opening).toMatch(/Popular.*€20/);
  });

  it('say what it cost before so that it is heard', () => {
    const text =
      plans(plan({ amount: 60, old: 80, currency: 'EUR', locale: 'de', period: 'im Jahr' })).scenes.opening ??
      '';
    expect(text.replaceAll('\u00a0', ' ')).toMatch(
      /<s[^>]*><span class="unseen">before: <\/span>80 €<\/s>60 €/,
    );
    expect(text).toContain('im Jahr');
  });

  it('may be free', () => {
    const text = plans(plan({ free: 'Free for ever', amount: 60 })).scenes.opening ?? '';
    expect(text).toContain('Free for ever');
    expect(text).not.toContain('60');
  });

  it('have their pieces in the order asked for', () => {
    const order = ['amount', 'title', 'badge', 'icon', 'subtitle', 'features', 'button'];
    const text = plans(plan({ order, amount: 60 })).scenes.opening ?? '';
    expect(text.indexOf('r-plan-amount')).toBeLessThan(text.indexOf('r-plan-title'));
  });
});

describe('fields', () => {
  const field = (more: Record<string, unknown>) =>
    compiled(
      { type: 'field', kind: 'text', key: 'answer', label: 'Answer', required: false, ...more },
      plainBrand,
      true,
    ).scenes.opening ?? '';

  it('have their label, hint and mistake as name and description', () => {
    const text = field({ hint: 'Briefly' });
    expect(text).toMatch(/<label for="(e\d)-control"[^>]*>Answer/);
    expect(text).toMatch(/aria-describedby="(e\d)-hint \1-error"/);
    expect(text).toContain('(optional)');
    expect(field({ required: true })).toContain('aria-required="true"');
  });

  it('keep a hidden label for screen readers', () => {
    expect(field({ labelHidden: true })).toMatch(/class="label r-field-label unseen">Answer/);
  });

  it('offer choices as a group with a name', () => {
    const one = field({ kind: 'choice', options: ['Yes', 'No'] });
    expect(one).toMatch(/role="radiogroup" aria-labelledby="(e\d)-label"/);
    expect(one.match(/type="radio"/g)).toHaveLength(2);
    expect(field({ kind: 'choices', options: ['A', 'B'] })).toContain('role="group"');
    expect(field({ kind: 'select', options: ['A'] })).toContain('<option value="">Please choose</option>');
  });

  it('ask for a password without showing it', () => {
    expect(field({ kind: 'password' })).toMatch(/type="password".*autocomplete="current-password"/);
  });
});

describe('the rest', () => {
  it('a list counts, marks or does neither', () => {
    const list = (marks: string) =>
      html({ type: 'list', items: [{ words: 'One' }, { words: 'Two', icon: 'moon' }], marks, icon: 'check' });
    expect(list('numbers')).toMatch(/<ol .*>1\.<.*>2\.</);
    expect(list('icons').match(/<svg/g)).toHaveLength(2);
    expect(list('none')).not.toMatch(/svg|number/);
  });

  it('a rating says itself in words', () => {
    const text = html({ type: 'rating', value: 3.5, of: 4, words: 'from 12' });
    expect(text).toContain('aria-label="3.5 of 4 stars"');
    expect(text).toContain('<rect width="84" height="24">');
  });

  it('a countdown knows its instant and what it shows', () => {
    const { scenes, scripts } = compiled({
      type: 'countdown',
      until: '2026-12-13T21:00',
      zone: 'Europe/London',
      units: ['days', 'hours'],
    });
    expect(scenes.opening).toContain(`data-until="${Date.UTC(2026, 11, 13, 21)}"`);
    expect(scenes.opening).toContain('role="timer"');
    expect(scenes.opening?.match(/data-unit=/g)).toHaveLength(2);
    expect(scripts).toEqual(['countdown']);
  });

  it('a link strip asks for the basket’s part only where it counts', () => {
    expect(compiled({ type: 'links' }).scripts).toEqual(['basket']);
    expect(compiled({ type: 'links', items: [{ words: 'Shop', address: '/shop' }] }).scripts).toEqual([]);
  });

  it('donation amounts are one choice, the first chosen', () => {
    const body = compiled({ type: 'amounts' }, plainBrand, true);
    expect(body.scenes.opening).toMatch(/<fieldset.*<legend>Your gift<\/legend>/);
    expect(body.scenes.opening?.match(/ checked/g)).toHaveLength(1);
    expect(Object.values(body.forms)[0]?.fields).toMatchObject([
      { key: 'amount', kind: 'amount', options: ['10', '25', '100'] },
    ]);
  });

  it('markup of one’s own is made safe', () => {
    expect(html({ type: 'html', source: '<p onclick="x">Hi<script>y</script></p>' })).toContain('<p>Hi</p>');
  });

  it('a map card leads to the way', () => {
    expect(
      html({
        type: 'map',
        place: 'Dome',
        lines: 'High Lane\nLarkmoor',
        link: '/visit',
        words: 'How to come',
      }),
    ).toMatch(/<div>High Lane<\/div><div>Larkmoor<\/div><a href="\/visit">How to come<\/a>/);
  });

  it('a video plays by itself without sound', () => {
    expect(
      html({ type: 'video', src: 'asset:0123456789abcdef/video.mp4', alt: 'Stars', loop: true }),
    ).toMatch(/<video [^>]*aria-label="Stars" controls[^>]* muted loop data-loop/);
  });

  it('a divider with words is read as one', () => {
    expect(html({ type: 'divider', words: 'or' })).toContain('role="separator" aria-label="or"');
    expect(html({ type: 'divider' })).toContain('<hr');
  });
});

describe('choices as buttons', () => {
  const choice = (style?: Record<string, unknown>) =>
    compiled(
      { type: 'field', kind: 'choice', key: 'again', label: 'Again?', options: ['Yes', 'No'], style },
      plainBrand,
      true,
    );

  it('bring their rules only where some choice asks for them', () => {
    expect(choice().css).not.toContain('--cp');
    expect(choice({ choices: { base: { choiceFlow: 'wrapped' } } }).css).not.toContain('--cp');
    expect(choice({ choices: { base: { choiceFlow: 'buttons' } } }).css).toContain('padding:var(--cp,0)');
  });

  it('hide the mark from the eye alone: the field is still there to be reached', () => {
    const { css, scenes } = choice({ choices: { base: { choiceFlow: 'buttons' } } });
    expect(css).toContain('opacity:var(--co,1)');
    expect(scenes.opening).toMatch(/<input [^>]*type="radio"/);
  });

  it('take their colours from tokens that are written too', () => {
    const { css } = choice({ choices: { base: { choiceFlow: 'buttons' } } });
    for (const token of ['color-line', 'radius-field', 'color-ground', 'color-accent', 'color-on-accent'])
      expect(css).toMatch(new RegExp(`--${token}:`));
  });
});

describe('a link strip', () => {
  const strip = (more: Record<string, unknown>) =>
    html({
      type: 'links',
      items: [
        { words: 'Shop', address: '/shop' },
        { words: 'Account', address: '/account', ...more },
        { words: 'Help', address: '/help' },
      ],
    });
  const dividers = (text: string) => text.split('class="rule').length - 1;

  it('shows a link that is off to nobody, nor the divider before it', () => {
    expect(dividers(strip({}))).toBe(2);
    expect(strip({ off: true })).not.toContain('Account');
    expect(dividers(strip({ off: true }))).toBe(1);
  });

  it('leaves one divider out, and opens one link in a tab of its own', () => {
    expect(dividers(strip({ undivided: true }))).toBe(1);
    expect(strip({ newTab: true })).toMatch(/href="\/account" target="_blank" rel="noopener"/);
  });
});

describe('a button', () => {
  const button = (more: Record<string, unknown>): Sketch => ({ type: 'button', label: 'Go', ...more });

  it('has a type and a size above the brand’s sheet, and below its own values', () => {
    const { css, scenes } = compiled(
      button({ variant: 'outlined', size: 'L', style: { box: { base: { color: '#123456' } } } }),
    );
    expect(scenes.opening).toMatch(/class="[^"]*v-size-L v-outlined/);
    expect(css.indexOf('.v-outlined{')).toBeGreaterThan(css.indexOf('.r-button{'));
    expect(css.indexOf('#123456')).toBeGreaterThan(css.indexOf('.v-outlined{'));
  });

  it('opens a page in a tab of its own where that is asked', () => {
    const link = { type: 'link', address: '/shop' };
    expect(html(button({ action: link }))).not.toContain('target');
    expect(html(button({ action: { ...link, newTab: true } }))).toContain('target="_blank" rel="noopener"');
  });
});

describe('the regions of a price plan', () => {
  const planned = (more: Record<string, unknown>) => {
    const { scenes, css } = compiled({
      type: 'plans',
      inside: [{ type: 'plan', name: 'Lamp', icon: 'star', ...more }],
    });
    return { html: scenes.opening ?? '', css };
  };
  const order = ['icon', 'title', 'amount', 'subtitle', 'features', 'button', 'badge'];

  it('are none where nothing is said', () => {
    const { html, css } = planned({});
    expect(html).not.toMatch(/class="(above|head|ground)/);
    expect(css).not.toMatch(/>\.(ground|above)/);
  });

  it('what stands above leaves its row empty; the header lies behind the rows after it', () => {
    const { html, css } = planned({ order, raised: 1, header: 2 });
    expect(html).toMatch(/<div class="above"><svg class="r-plan-icon"/);
    expect(html).toMatch(/<\/div><div><\/div><div class="head"><h3/);
    expect(html.match(/class="head"/g)).toHaveLength(2);
    expect(html).toContain('class="ground to-3 r-plan-header"');
    expect(css).toContain('.to-3{grid-row:auto/4}');
  });

  it('features take turns, and have a marker of the designer’s own', () => {
    const svg = '<svg viewBox="0 0 9 9"><path d="M0 0h9" fill="currentColor"/></svg>';
    const { html } = planned({ features: ['One', 'Two', 'Three'], svg });
    expect(html.match(/r-plan-even/g)).toHaveLength(1);
    expect(html.match(/fill="currentColor"/g)).toHaveLength(3);
  });

  it('hold no more pieces than there are', () => {
    const document = (own: object) =>
      buildWidget({
        name: 'Any',
        kind: 'cta',
        placement: { type: 'inline' },
        opening: [{ type: 'plans', inside: [{ type: 'plan', name: 'Lamp', ...own }] }],
      });
    expect(validateDocument(document({ raised: 3, header: 4 })).ok).toBe(true);
    expect(validateDocument(document({ raised: 4, header: 4 }))).toMatchObject({
      ok: false,
      problems: [{ reason: 'must leave at most 7 pieces with those above' }],
    });
  });
});
