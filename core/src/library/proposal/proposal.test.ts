import { brandTokens, completeBrand, contrast } from '../../style/index.js';
import { proposeBrand, type Proposal } from './index.js';

const css = `
:root{--brand:#aa3311;--paper:#fbf7ef}
body{color:#222233;background:var(--paper);font-family:"Lora",serif}
h1,h2{font-family:Fraunces,serif;color:#222233}
.note{color:#666677;border:1px solid #ddccbb}
a.button{background:var(--brand);color:#ffffff;border-radius:9px}
a.button:hover{background:#882200}
.card{background:#f1e8da;border-radius:9px}
.pill{border-radius:99px}
`;

const proposal = (text: string) => proposeBrand(text) as Proposal;
const found = proposal(css);
const token = (path: string) => brandTokens(completeBrand({ tokens: found.tokens })).get(path)?.css;

test('colours are found by use, variables followed', () => {
  const of = (hex: string) => found.colours.find((one) => one.hex === hex);
  expect(of('#aa3311')).toMatchObject({ ground: 1, button: 1 });
  expect(of('#fbf7ef')?.ground).toBeGreaterThan(1);
  expect(of('#ddccbb')).toMatchObject({ border: 1 });
});

test('each token gets what is used for its purpose', () => {
  expect(token('color.accent')).toBe('#aa3311');
  expect(token('color.ground')).toBe('#fbf7ef');
  expect(token('color.ink')).toBe('#222233');
  expect(token('color.quiet')).toBe('#666677');
  expect(token('color.line')).toBe('#ddccbb');
  expect(token('color.soft')).toBe('#f1e8da');
  expect(contrast(token('color.on-accent') ?? '', '#aa3311')).toBeGreaterThan(4.5);
});

test('a page without buttons gives its clearest colour, never a tinted white', () => {
  const { tokens } = proposal(
    'body{color:#22223b;background:#f7f5fb}.a{background:#f7f5fb}.b{color:#ffb547}.c{color:#ffb547}.d{background:#171a48}',
  );
  expect(brandTokens(completeBrand({ tokens })).get('color.accent')?.css).toBe('#171a48');
});

test('typefaces by what they are set in, corners by how often', () => {
  expect(found.fonts).toEqual(['Lora', 'Fraunces']);
  expect(token('font.text')).toContain('Lora');
  expect(token('font.title')).toContain('Fraunces');
  expect(found.radii).toEqual([9, 99]);
  expect(token('radius.button')).toBe('9px');
});

test.each([
  ['nothing', ''],
  ['nonsense', '}}}{{{ not css at all'],
  ['no colours', 'p{margin:0}'],
  ['a circle of variables', ':root{--a:var(--b);--b:var(--a)}p{color:var(--a)}'],
])('from %s nothing is proposed, and nothing breaks', (_, source) => {
  const { colours, fonts, radii, tokens } = proposal(source);
  expect([colours, fonts, radii]).toEqual([[], [], []]);
  expect(() => completeBrand({ tokens })).not.toThrow();
});

test('a sheet of megabytes is read to its limit', () => {
  const large = '.x{color:#123456}'.repeat(200_000);
  expect(proposal(large).colours[0]?.hex).toBe('#123456');
});

test.each([
  [
    'chains that double at every link',
    `:root{${Array.from({ length: 40 }, (_, at) => `--a${at}:${`var(--a${at + 1}) `.repeat(20)}`).join(';')};--a40:#ff0000}a{color:var(--a0)}`,
    '#ff0000',
  ],
  ['a circle', ':root{--a:var(--b);--b:var(--a)}a{color:var(--a);background:#ff0000}', '#ff0000'],
  ['a fallback of its own', 'a{color:var(--none,#ff0000);background:var(--none,#00ff00)}', '#ff0000'],
])('custom properties: %s', (_, text, hex) => {
  expect(proposal(text).colours.map((one) => one.hex)).toContain(hex);
});

test.each([
  ['nested without end', '@media all{'.repeat(1800)],
  ['more tokens than a page has', 'a{}'.repeat(400_000)],
  ['mistake after mistake', `a{${':;'.repeat(20_000)}}`],
])('sheets that nobody wrote are not read: %s', (_, text) => {
  expect(proposeBrand(text)).toBeNull();
});
