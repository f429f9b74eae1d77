// What visitors' pages send, bent in every way: never a 5xx, and what is right is still taken.
import { demo, randomFrom, studio } from './target.mjs';

const odd = [
  null,
  true,
  0,
  -1,
  1e308,
  '',
  ' ',
  '\0',
  '\ud800',
  '__proto__',
  'constructor',
  'toString',
  'x'.repeat(70_000),
  '/b/00000000000000000000000000000000.json',
  '../../etc/passwd',
  '${7*7}',
  "' OR 1=1 --",
  '<script>alert(1)</script>',
  [],
  {},
  [[[]]],
  { $gt: '' },
  { toString: 1 },
  { __proto__: null, length: 1e9 },
  '😀'.repeat(100),
  '=1+1',
];

const names = odd.filter((one) => typeof one === 'string').map((one) => one.slice(0, 200));

function bent(value, random) {
  const pick = (list) => list[Math.floor(random() * list.length)];
  const what = random();
  if (what < 0.1) return pick(odd);
  if (typeof value !== 'object' || value === null) return what < 0.6 ? pick(odd) : value;
  const copy = Array.isArray(value) ? [...value] : { ...value };
  const key = pick(Object.keys(copy));
  if (key === undefined) return { [pick(names)]: pick(odd) };
  // "__proto__" too is to be a name like any other, as it is in JSON.
  const put = (name, one) =>
    Object.defineProperty(copy, name, { value: one, enumerable: true, writable: true, configurable: true });
  if (what < 0.2) Reflect.deleteProperty(copy, key);
  else if (what < 0.35) put(pick(names), pick(odd));
  else put(key, bent(copy[key], random));
  return copy;
}

function broken(text, random) {
  const at = Math.floor(random() * text.length);
  const what = random();
  if (what < 0.3) return text.slice(0, at);
  if (what < 0.6)
    return text.slice(0, at) + String.fromCharCode(Math.floor(random() * 0x300)) + text.slice(at + 1);
  return `${'['.repeat(Math.floor(random() * 3000))}${text}`;
}

export default async function fuzz(target, { full }) {
  const random = randomFrom(77);
  const bodies = full ? 100_000 : 4000;
  const wrong = [];
  let sent = 0;
  const hand = async () => {
    while (sent < bodies) {
      sent++;
      const isEvent = random() < 0.3;
      const right = isEvent ? { events: [{ type: 'shown', widget: target.letter.id }] } : target.submission();
      const bends = 1 + Math.floor(random() * 3);
      let value = right;
      for (let bend = 0; bend < bends; bend++) value = bent(value, random);
      const text = JSON.stringify(value) ?? '';
      const body = random() < 0.2 ? broken(text, random) : text;
      const type = random() < 0.05 ? 'text/plain' : 'application/json';
      const path = `/c/larkmoor/${isEvent ? 'events' : 'submissions'}`;
      const status = await fetch(studio + path, {
        method: 'POST',
        headers: { 'content-type': type, origin: demo },
        body,
      }).then(
        (answer) => answer.status,
        (error) => `nothing (${error.cause?.code ?? error.message})`,
      );
      if (!(status < 500)) wrong.push(`${status} for ${body.slice(0, 120)}`);
    }
  };
  await Promise.all(Array.from({ length: 16 }, hand));
  const after = await target.submit(target.submission());
  return [
    {
      name: `${bodies} bent bodies of visitors: no 5xx`,
      ok: wrong.length === 0,
      detail: wrong.slice(0, 5).join('\n'),
    },
    { name: 'what is right is still taken after them', ok: after === 202, detail: `status ${after}` },
  ];
}
