// Compiling a document of 150 elements, beside writing the same strings by hand (by-hand.mjs) and beside copying the document
// once; and how large the CSS of a signup pop-up comes out, beside one written by hand for the same box and the drawing of its
// thanks (reference/popup.css, minified).
import { readFileSync } from 'node:fs';
import { compileWidget } from '@sirene/core/compile';
import { starterDocument, starters } from '@sirene/core/library/starters';
import { plainBrand } from '@sirene/core/style';
import { writeByHand } from './by-hand.mjs';
import { largeDocument } from './documents.mjs';
import { figure, median, quantile } from './lib.mjs';

const rounds = 200;

function timed(work) {
  const start = performance.now();
  work();
  return performance.now() - start;
}

/** What a style sheet says twice, or of what its HTML does not have. */
function needless({ css, scenes, header, footer, close }) {
  const html = [close, header, footer, ...Object.values(scenes)].join('');
  const rules = [...css.matchAll(/([^{}]+)\{([^{}]*)\}/g)].map(([, selector, body]) => [
    selector.trim(),
    body,
  ]);
  const whole = rules.map(([selector, body]) => `${selector}{${body}}`);
  const twice = whole.length - new Set(whole).size;
  const own = ['box', 'scene', 'header', 'footer', 'launcher'];
  const idle = rules.filter(([selector]) =>
    [...selector.matchAll(/\.([a-z][\w-]*)/g)].some(
      ([, name]) => !own.includes(name) && !new RegExp(`class="[^"]*\\b${name}\\b`).test(html),
    ),
  );
  return twice + idle.length;
}

export default function compile() {
  const document = largeDocument(150);
  const { scenes, css } = compileWidget(document, plainBrand);
  const written = writeByHand(document);
  // What is not the same is no baseline.
  if (written.html !== scenes.opening || written.rules.some((rule) => !css.includes(rule)))
    throw new Error('What is written by hand is not what is compiled: mend bench/by-hand.mjs');
  const times = Array.from({ length: rounds }, () => [
    timed(() => compileWidget(document, plainBrand)),
    timed(() => JSON.parse(JSON.stringify(document))),
    timed(() => writeByHand(document)),
  ]).slice(rounds / 4);
  const [compiled, copied, byHand] = [0, 1, 2].map((at) => times.map((all) => all[at]));
  const letter = starterDocument(
    starters.find(({ id }) => id === 'letter-corner'),
    { now: Date.UTC(2026, 10, 25), zone: 'UTC' },
  );
  const body = compileWidget(letter, plainBrand);
  const reference = readFileSync(new URL('reference/popup.css', import.meta.url), 'utf8');
  return [
    figure(
      'compile: 150 elements, median, beside the same strings written by hand',
      median(compiled),
      'ms',
      median(byHand),
      4,
      {
        judge: 'ratio',
      },
    ),
    figure('compile: the same, beside a copy of the document', median(compiled), 'ms', median(copied), 8),
    figure('compile: the same, 95th percentile', quantile(compiled, 0.95), 'ms', quantile(copied, 0.95)),
    figure('css: of the reference pop-up', body.css.length, 'bytes', reference.length, 1.3, {
      judge: 'ratio',
    }),
    figure('css: rules said twice or reaching nothing', needless(body), 'rules', 0, 0),
  ];
}
