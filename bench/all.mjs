// npm run bench [-- --json] [names]: prints each figure beside its baseline from the same run.
const names = [
  'embed',
  'rules',
  'compile',
  'submissions',
  'hostile',
  'stage',
  'studio',
  'page',
  'traffic',
  'plan',
  'form',
  'inbox',
  'chat',
  'desk',
  'outbox',
  'exports',
];
const wanted = process.argv.slice(2).filter((word) => !word.startsWith('--'));
const json = process.argv.includes('--json');

for (const name of names.filter((one) => wanted.length === 0 || wanted.includes(one))) {
  const { default: run } = await import(`./${name}.mjs`);
  for (const { name: title, value, unit, baseline, ratio, limit, holds } of await run()) {
    if (json) console.log(JSON.stringify({ name: title, value, unit, baseline, ratio }));
    else {
      const beside = ratio === null ? `baseline ${baseline}` : `baseline ${baseline}, ratio ${ratio}`;
      const judged = limit === undefined ? '' : ` · limit ${limit}: ${holds ? 'holds' : 'MISSED'}`;
      console.log(`${title}: ${value} ${unit} (${beside})${judged}`);
    }
  }
}
