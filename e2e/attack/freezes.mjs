// Small inputs that cost much: each costs its sender an answer in time, and visitors are served meanwhile.
import { slowInputs } from './slow-inputs.mjs';
import { demo, studio } from './target.mjs';

/** Longest that a sender may wait, ms: a task's own limit with room for those before it. */
const mostWait = 12_000;

export default async function freezes(target) {
  const { send, site } = await target.signIn();
  const results = [];
  const { body: starter } = await send('GET', `/api/widgets/${target.letter.id}`);
  for (const [name, { method, path, body }] of Object.entries(slowInputs(demo))) {
    const content =
      body.document === null ? { name: body.name, document: { ...starter.document, css: body.css } } : body;
    let answered = null;
    const began = performance.now();
    const sent = send(method, `/api/sites/${site.id}/${path}`, content).then((answer) => (answered = answer));
    let visitors = 0;
    while (answered === null) {
      const response = await fetch(`${studio}/m/larkmoor.json`, { headers: { origin: demo } });
      await response.arrayBuffer();
      if (response.ok) visitors++;
      if (performance.now() - began > mostWait) break;
    }
    if (answered === null) await sent;
    const took = Math.round(performance.now() - began);
    const status = answered.status;
    results.push({
      name: `${name}: answered, and visitors meanwhile`,
      ok: status < 500 && took < mostWait,
      detail: `${status} after ${took} ms, ${visitors} visitors served`,
    });
  }
  return results;
}
