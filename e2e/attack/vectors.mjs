// Script in every text that a designer or a visitor may write: published, shown in a browser, and none of it runs.
import { chromium } from '@playwright/test';
import { chromiumOptions } from '../chromium.mjs';
import { demo, studio } from './target.mjs';

const call = 'window.ran(1)';
const scripts = [
  `<script>${call}</script>`,
  `<img src=x onerror=${call}>`,
  `<svg onload=${call}>`,
  `"><img src=x onerror=${call}>`,
  `'><img src=x onerror=${call}>`,
  `" onmouseover="${call}" autofocus onfocus="${call}`,
  `' onfocus='${call}' autofocus='`,
  `</title><script>${call}</script>`,
  `</style><script>${call}</script>`,
  `</textarea><script>${call}</script>`,
  `</template><img src=x onerror=${call}>`,
  `--><img src=x onerror=${call}>`,
  `]]><img src=x onerror=${call}>`,
  `<iframe srcdoc="<script>parent.${call}</script>">`,
  `<details open ontoggle=${call}>x</details>`,
  `<video><source onerror=${call}></video>`,
  `<body onload=${call}>`,
  `<math><mtext><mglyph><style><!--</style><img title="--><img src=x onerror=${call}>">`,
  `<noscript><p title="</noscript><img src=x onerror=${call}>">`,
  `<form><button formaction="javascript:${call}">x</button></form>`,
  `<object data="javascript:${call}"></object>`,
  `<embed src="javascript:${call}">`,
  `<a href="javascript:${call}">x</a>`,
  `<svg><animate attributeName=href values="javascript:${call}"/><a><text>x</text></a></svg>`,
  `<svg><use href="data:image/svg+xml,<svg xmlns='http://www.w3.org/2000/svg' onload='${call}'/>#x"/></svg>`,
  `<style>@import "javascript:${call}"</style>`,
  `\u003cscript\u003e${call}\u003c/script\u003e`,
  `&lt;script&gt;${call}&lt;/script&gt;`,
  '${' + call + '}',
  `{{constructor.constructor('${call}')()}}`,
];
const addresses = [
  `javascript:${call}`,
  `JaVaScRiPt:${call}`,
  `java\nscript:${call}`,
  `\u0001javascript:${call}`,
  `data:text/html,<script>opener.${call}</script>`,
  `vbscript:${call}`,
  `//x.example/"onmouseover="${call}`,
  `/x" onfocus="${call}" autofocus="`,
  `https://x.example/' onfocus='${call}`,
  `mailto:x@x.example"onclick="${call}`,
];

/** Where a text goes: elements that hold it, made for each vector. */
const places = {
  text: (text) => ({ type: 'text', level: 2, content: [{ text }] }),
  'button label': (text) => ({
    type: 'button',
    label: text.slice(0, 120),
    wide: false,
    action: { type: 'close' },
  }),
  'button note': (text) => ({
    type: 'button',
    label: 'x',
    note: text.slice(0, 120),
    wide: false,
    action: { type: 'close' },
  }),
  badge: (text) => ({ type: 'badge', words: text.slice(0, 80) }),
  'image alt': (text) => ({ type: 'image', src: 'https://x.example/x.png', alt: text.slice(0, 300) }),
  html: (text) => ({ type: 'html', source: text }),
  icon: (text) => ({ type: 'icon', name: 'star', svg: `<svg>${text}<path d="M0 0"/></svg>` }),
  'field label': (text, at) => ({
    type: 'field',
    kind: 'text',
    key: `f${at}`,
    label: text.slice(0, 200),
    required: false,
  }),
  'field hint': (text, at) => ({
    type: 'field',
    kind: 'text',
    key: `g${at}`,
    label: 'x',
    hint: text.slice(0, 200),
    required: false,
  }),
  'field placeholder': (text, at) => ({
    type: 'field',
    kind: 'text',
    key: `h${at}`,
    label: 'x',
    placeholder: text.slice(0, 200),
    required: false,
  }),
};
const linkPlaces = {
  'text link': (address) => ({ type: 'text', level: 0, content: [{ text: 'x', link: address }] }),
  'button link': (address) => ({
    type: 'button',
    label: 'x',
    wide: false,
    action: { type: 'link', address },
  }),
  html: (address) => ({ type: 'html', source: `<a href="${address}">x</a><img src="${address}">` }),
};

export default async function vectors(target) {
  const { send, site } = await target.signIn();
  // A widget of the demo that is a page of its own, for how such a one stands.
  const { body: listed } = await send('GET', `/api/sites/${site.id}/widgets`);
  const { body: door } = await send(
    'GET',
    `/api/widgets/${listed.find((one) => one.placement === 'page').id}`,
  );
  const browser = await chromium.launch(chromiumOptions);
  const results = [];
  let tried = 0;
  let refused = 0;
  const ran = [];
  try {
    const context = await browser.newContext();
    for (const [place, make] of [
      ...Object.entries(places),
      ...Object.entries(linkPlaces).map(([name, one]) => [`${name} address`, one]),
    ]) {
      const texts = place.endsWith('address') ? addresses : scripts;
      const { body: widget } = await send('POST', `/api/sites/${site.id}/widgets`, {
        name: `Vector ${place}`,
      });
      let { document, draftVersion } = widget;
      document.placement = door.document.placement;
      document.behaviour = door.document.behaviour;
      for (const [at, text] of texts.entries()) {
        tried++;
        const form = { type: 'form', children: [`e${at}`] };
        const isField = make(text, at).type === 'field';
        const root = document.scenes.opening.root;
        const next = structuredClone(document);
        next.elements[`e${at}`] = make(text, at);
        if (isField) next.elements[`form${at}`] = form;
        next.elements[root].children = [...next.elements[root].children, isField ? `form${at}` : `e${at}`];
        const saved = await send('PUT', `/api/widgets/${widget.id}/draft`, {
          base: draftVersion,
          document: next,
        });
        if (saved.status !== 200) {
          refused++;
          if (saved.status >= 500) ran.push(`${place}: ${saved.status}`);
          continue;
        }
        ({ document, draftVersion } = saved.body);
      }
      const published = await send('POST', `/api/widgets/${widget.id}/publish`, { base: draftVersion });
      if (published.status !== 200) {
        ran.push(`${place}: could not be published, ${JSON.stringify(published.body).slice(0, 200)}`);
        continue;
      }
      // A page without a policy of its own is what most sites are: it would run anything.
      const page = await context.newPage();
      await page.addInitScript(() => {
        window.ran = (what) => document.documentElement.setAttribute('data-ran', String(what));
        window.alert = window.ran;
      });
      await page.route(`${studio}/p/**`, async (route) => {
        const response = await route.fetch();
        const { 'content-security-policy': _, ...headers } = response.headers();
        await route.fulfill({ response, headers });
      });
      await page.goto(`${studio}/p/larkmoor/${widget.slug}`);
      await page.waitForFunction(
        () => document.querySelector('main > *')?.shadowRoot?.querySelector('.scene > *'),
        null,
        {
          timeout: 10_000,
        },
      );
      const happened = await page.evaluate(async () => {
        const root = document.querySelector('main > *').shadowRoot;
        for (const node of root.querySelectorAll('*')) {
          node.dispatchEvent(new MouseEvent('mouseover', { bubbles: true }));
          if (node instanceof HTMLElement) node.focus({ preventScroll: true });
          const href = node.getAttribute('href') ?? '';
          if (/^\W*(java|vb)script:|^data:text/i.test(href)) return href;
          for (const { name } of node.attributes) if (/^on/i.test(name)) return name;
          if (/^(script|iframe|object|embed|base|meta|link)$/i.test(node.localName)) return node.localName;
        }
        await new Promise((done) => setTimeout(done, 50));
        return document.documentElement.getAttribute('data-ran');
      });
      if (happened) ran.push(`${place}: ${happened}`);
      await page.close();
    }
  } finally {
    await browser.close();
  }
  results.push({
    name: `${tried} scripts in what designers write: none ran`,
    ok: ran.length === 0 && refused < tried / 2,
    detail: ran.join('\n') || `${refused} were refused outright`,
  });
  return [...results, await inStudio(target, send, site)];
}

/** What visitors send, as the studio shows it. */
async function inStudio(target, send, site) {
  for (const text of scripts) {
    const one = target.submission();
    await target.submit({
      ...one,
      values: { ...one.values, name: text.slice(0, 100) },
      title: text,
      page: `${demo}/${encodeURI(text)}`,
    });
  }
  const browser = await chromium.launch(chromiumOptions);
  try {
    const page = await browser.newPage();
    await page.addInitScript(() => {
      window.ran = () => document.documentElement.setAttribute('data-ran', 'yes');
    });
    await page.route(`${studio}/**`, async (route) => {
      if (route.request().resourceType() !== 'document') return route.continue();
      const response = await route.fetch();
      const { 'content-security-policy': _, ...headers } = response.headers();
      await route.fulfill({ response, headers });
    });
    await page.goto(`${studio}/people`);
    await page.getByRole('button', { name: /demo/i }).click();
    await page.goto(`${studio}/people`);
    await page.getByText('window.ran').first().waitFor({ timeout: 10_000 });
    const happened = await page.evaluate(() => document.documentElement.getAttribute('data-ran'));
    const { body: csv } = await send('GET', `/api/sites/${site.id}/submissions.csv`);
    return {
      name: `${scripts.length} scripts from visitors, shown in the studio: none ran`,
      ok: happened === null && csv.includes('window.ran'),
      detail: String(happened),
    };
  } finally {
    await browser.close();
  }
}
