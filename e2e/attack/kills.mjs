// kill -9 under load, again and again: what was acknowledged is there.
export default async function kills(target, { full }) {
  const cycles = full ? 60 : 4;
  const answers = new Map();
  for (let cycle = 0; cycle < cycles; cycle++) {
    const stop = target.load(32, answers);
    await new Promise((done) => setTimeout(done, 250 + (cycle % 20) * 15));
    await target.end('SIGKILL');
    await stop();
    await target.start();
  }
  const stored = target.stored();
  const acknowledged = [...answers].filter(([, status]) => status === 202).map(([id]) => id);
  const lost = acknowledged.filter((id) => !stored.has(id));
  return [
    {
      name: `${cycles} times killed under load: none of ${acknowledged.length} acknowledged lost`,
      ok: lost.length === 0 && acknowledged.length > 0,
      detail: `${lost.length} lost`,
    },
  ];
}
