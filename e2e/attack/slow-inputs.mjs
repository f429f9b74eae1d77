// Small inputs that could be made to cost much: each in its own way, each sent to where people send such things.

const repeat = (text, times) => text.repeat(times);
const brand = (path, body) => ({ method: 'POST', path: `brand/${path}`, body });
const upload = (content) => ({ method: 'POST', path: 'assets?name=x', body: Buffer.from(content) });
const page = (html, demo) => ({
  method: 'POST',
  path: 'pages',
  body: { address: `${demo}/x`, title: 'X', html },
});
const styles = (css) => brand('proposal', { html: `<style>${css}</style>` });

/** A WOFF2 font of a few bytes whose directory says that it unpacks to 400 MB. */
function fontBomb() {
  const header = Buffer.alloc(48);
  header.write('wOF2', 0, 'latin1');
  header.writeUInt16BE(1, 12);
  return Buffer.concat([header, Buffer.from([0, 0x81, 0xbe, 0xdd, 0xc8, 0x00]), Buffer.alloc(600)]);
}

const chain = (length) =>
  JSON.stringify(
    Object.fromEntries(
      Array.from({ length }, (_, at) => [`t${at}`, { $type: 'color', $value: `{t${at + 1}}` }]),
    ),
  );
const doubling = Array.from({ length: 30 }, (_, at) => `--a${at}:${repeat(`var(--a${at + 1}) `, 10)}`).join(
  ';',
);

/** Requests to the API of a site, by what is wrong with them. */
export const slowInputs = (demo) => ({
  'comments before a drawing that is none': upload(repeat('<!---->', 28)),
  'elements inside each other in a drawing': upload(`<svg>${repeat('<g>', 100_000)}`),
  'elements without end in a drawing': upload(`<svg>${repeat('<g/>', 200_000)}</svg>`),
  'a font that unpacks to 400 MB': upload(fontBomb()),
  'custom properties that double at every link': styles(`:root{${doubling};--a30:red}a{color:var(--a0)}`),
  'mistakes without end': styles(`a{${repeat(':;', 200_000)}}`),
  'blocks inside each other': styles(repeat('@media all{', 40_000)),
  'style elements that are left open': brand('proposal', { html: repeat('<style>', 40_000) }),
  'links that are left open': brand('proposal', { html: repeat('<link ', 100_000) }),
  'aliases in a chain': brand('tokens', { text: chain(1900) }),
  'a token file nested without end': brand('tokens', {
    text: `${repeat('{"a":', 60_000)}1${repeat('}', 60_000)}`,
  }),
  'titles that are left open': page(repeat('<title', 20_000), demo),
  'elements inside each other in a page': page(repeat('<b>', 290_000), demo),
  'entities without end in a page': page(repeat('&', 800_000), demo),
  'a style sheet of its own nested without end': {
    method: 'POST',
    path: 'widgets',
    body: { name: 'Deep', document: null, css: repeat('@media all{', 1800) },
  },
});
