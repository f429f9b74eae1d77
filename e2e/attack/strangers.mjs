// Every route without a session, with a made-up one, and with a real one from another site's page.
import { studio } from './target.mjs';

export default async function strangers(target) {
  const { send, site } = await target.signIn();
  const { body: api } = await send('GET', '/api/openapi.json');
  const routes = Object.entries(api.paths)
    .flatMap(([path, methods]) =>
      Object.keys(methods).map((method) => ({ method: method.toUpperCase(), path })),
    )
    .filter(({ path }) => path.startsWith('/api/') && !path.startsWith('/api/session'));
  const fill = (path) =>
    path.replace(
      /\{(\w+)\}/g,
      (_, name) => ({ site: site.id, widget: target.letter.id, number: '1' })[name] ?? 'none',
    );
  const ask = async ({ method, path }, headers) => {
    const takes = method !== 'GET' && method !== 'DELETE';
    const response = await fetch(studio + fill(path), {
      method,
      headers: { ...(takes && { 'content-type': 'application/json' }), ...headers },
      ...(takes && { body: '{}' }),
    });
    return response.status;
  };
  const answer = await fetch(`${studio}/api/session/demo`, { method: 'POST' });
  const cookie = answer.headers.get('set-cookie').split(';')[0];
  const faults = { 'without a session': [], 'with a made-up session': [], 'from another site’s page': [] };
  for (const route of routes) {
    const told = `${route.method} ${route.path}`;
    const none = await ask(route, {});
    if (none !== 401) faults['without a session'].push(`${told}: ${none}`);
    const made = await ask(route, { cookie: `sirene_session=${'A'.repeat(43)}` });
    if (made !== 401) faults['with a made-up session'].push(`${told}: ${made}`);
    if (route.method === 'GET') continue;
    for (const headers of [
      { origin: 'https://elsewhere.example' },
      { origin: 'null' },
      { 'sec-fetch-site': 'cross-site' },
      { 'sec-fetch-site': 'same-site' },
    ]) {
      const status = await ask(route, { cookie, ...headers });
      if (status !== 403)
        faults['from another site’s page'].push(`${told} ${JSON.stringify(headers)}: ${status}`);
    }
  }
  return Object.entries(faults).map(([how, found]) => ({
    name: `${routes.length} routes ${how}: nothing told, nothing done`,
    ok: found.length === 0,
    detail: found.slice(0, 5).join('\n'),
  }));
}
