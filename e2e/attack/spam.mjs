// A run of spam among honest visitors: none of it reaches the inbox or a recipient, and nobody honest is held back.
import { randomFrom } from './target.mjs';

const links = 'https://a.example https://b.example https://c.example';

/** Kinds of attack, each as it changes what an honest page sends. */
const kinds = [
  (one) => ({ ...one, trap: 'https://cheap.example' }),
  (one) => ({ ...one, took: 40, values: { ...one.values, name: links } }),
  ({ took: _, ...one }) => ({ ...one, values: { ...one.values, name: links } }),
  (one) => ({ ...one, values: { ...one.values, name: '[url=https://a.example]cheap[/url]' } }),
  (one) => ({ ...one, values: { ...one.values, name: '<a href="https://a.example">x</a>' } }),
  ({ took: _, ...one }) => ({ ...one, values: { name: one.values.email, email: one.values.email } }),
];

export default async function spam(target, { full }) {
  const random = randomFrom(5);
  const attacks = full ? 10_000 : 1500;
  const honest = full ? 400 : 60;
  const waiting = [
    ...Array.from({ length: attacks }, (_, at) => ({ isHonest: false, change: kinds[at % kinds.length] })),
    ...Array.from({ length: honest }, () => ({ isHonest: true, change: (one) => one })),
  ].sort(() => random() - 0.5);
  const sent = new Map();
  let refused = 0;
  const hand = async () => {
    for (let next = waiting.pop(); next; next = waiting.pop()) {
      const one = next.change({ ...target.submission(), took: 5000 + Math.floor(random() * 60_000) });
      if ((await target.submit(one)) !== 202) refused++;
      sent.set(one.id, next.isHonest);
    }
  };
  await Promise.all(Array.from({ length: 16 }, hand));

  const of = (ids, isHonest) => ids.filter((id) => sent.get(id) === isHonest).length;
  const inbox = target.query('SELECT id FROM submission WHERE held IS NULL');
  const held = target.query('SELECT id FROM submission WHERE held IS NOT NULL');
  const told = target.query('SELECT DISTINCT submissionId FROM delivery');
  const share = of(held, false) / attacks;
  return [
    {
      name: `${attacks} posts of spam and ${honest} honest ones: all answered alike`,
      ok: refused === 0,
      detail: `${refused} were not`,
    },
    {
      name: 'none of the spam is in the inbox, and none of it is told to anybody',
      ok: of(inbox, false) === 0 && of(told, false) === 0,
      detail: `${of(inbox, false)} in the inbox, ${of(told, false)} told; held back: ${(share * 100).toFixed(2)} %`,
    },
    {
      name: 'no honest visitor is held back, and each is told of',
      ok: of(held, true) === 0 && of(inbox, true) === honest && of(told, true) === honest,
      detail: `${of(held, true)} held back, ${of(inbox, true)} in the inbox, ${of(told, true)} told`,
    },
  ];
}
