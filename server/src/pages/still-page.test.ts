import { stillPage } from './still-page.js';

const address = 'https://larkmoor.example/journal/';
const still = (html: string, origins = ['https://larkmoor.example']) => stillPage(html, address, origins);

test.each([
  '<script>alert(1)</script>',
  '<img src=x onerror=alert(1)>',
  '<a href="javascript:alert(1)">x</a>',
  '<iframe srcdoc="<script>alert(1)</script>"></iframe>',
  '<meta http-equiv=refresh content="0;url=https://elsewhere.example">',
  '<base href="https://elsewhere.example/">',
  '<form action="https://elsewhere.example"><button formaction="https://elsewhere.example">x</button></form>',
  '<a href="/x" ping="https://elsewhere.example">x</a>',
  '<a href="/x" attributionsrc="https://elsewhere.example">x</a>',
  '<template><img src=x onerror=alert(1)></template>',
])('nothing runs, navigates or tells: %s', (html) => {
  expect(still(html)).not.toMatch(/alert|elsewhere/);
});

test.each([
  '<style>@import "http://10.0.0.1/x.css";</style>',
  '<style>@import url(http://10.0.0.1/x.css);</style>',
  '<style>@import url("http://10.0.0.1/x.css") screen;</style>',
  '<style>@IMPORT/**/"http:\\/\\/10.0.0.1/x.css";</style>',
  '<style>@\\69mport "http://10.0.0.1/x.css";</style>',
  '<style>a{background:url(http://10.0.0.1/x.png)}</style>',
  '<style>a{background:url("http://10.0.0.1/x.png")}</style>',
  '<style>a{background:image-set("a.png" 1x, "http://10.0.0.1/x.png" 2x)}</style>',
  '<p style="background:url(http://10.0.0.1/x.png)">x</p>',
  '<img src="http://10.0.0.1/x.png">',
  '<img srcset="/a.png 1x, http://10.0.0.1/x.png 2x">',
  '<video poster="http://10.0.0.1/x.png"></video>',
  '<link rel=stylesheet href="http://10.0.0.1/x.css">',
  '<table background="http://10.0.0.1/x.png"></table>',
  '<svg><image href="http://10.0.0.1/x.png"/></svg>',
])('no host of the designer’s own network is asked: %s', (html) => {
  expect(still(html)).not.toContain('10.0.0.1');
});

test('a name with an escape in it is a function that no browser knows', () => {
  expect(still('<style>a{background:u\\72l(http://10.0.0.1/x.png)}</style>')).toContain(
    'background:escaped(',
  );
});

test('what the page shows stays as it is', () => {
  const html =
    '<style>@import "/site.css";a{background:url(/moor.webp);font-family:"A","B"}</style><link rel="stylesheet" href="https://cdn.example/x.css" /><img src="moor.png" alt="Moor" /><p style="color:red">Home</p>';
  expect(still(html)).toBe(`<!doctype html><base href="${address}">${html}`);
});

test('the site’s own origins are asked, whatever they are', () => {
  const html = '<img src="http://localhost:4310/x.png" />';
  expect(still(html, ['http://localhost:4310'])).toContain('localhost:4310');
  expect(still(html)).not.toContain('localhost');
});
