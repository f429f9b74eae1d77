import { at, withQuery } from './address.js';
import { ApiError, get, post, remove } from './client.js';

const sites = at('/api/sites');
const widget = at('/api/widgets/{widget}', { widget: 'w/1' });

const { fetch: realFetch } = globalThis;
afterEach(() => {
  globalThis.fetch = realFetch;
});

const answer = (status: number, body: string | null) => {
  const asked: { path: unknown; options: unknown }[] = [];
  globalThis.fetch = (path, options) => {
    asked.push({ path, options });
    return Promise.resolve(new Response(body, { status }));
  };
  return asked;
};

async function refusal(of: Promise<unknown>): Promise<ApiError> {
  const error: unknown = await of.catch((one: unknown) => one);
  if (!(error instanceof ApiError)) throw new Error(`It is ${String(error)}`);
  return error;
}

test('what is asked goes as JSON and comes back as such', async () => {
  const asked = answer(201, '{"id":"w1"}');
  expect(await post(sites, { name: 'X', origins: [] })).toEqual({ id: 'w1' });
  expect(asked).toEqual([
    {
      path: '/api/sites',
      options: {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: '{"name":"X","origins":[]}',
      },
    },
  ]);
});

test('nothing comes back from what says so', async () => {
  answer(204, null);
  expect(await remove(widget)).toBeUndefined();
});

test('a refusal carries the server’s sentence, its status and what else it tells', async () => {
  answer(409, '{"message":"Somebody was faster.","saved":{"version":2}}');
  const error = await refusal(get(widget));
  expect([error.status, error.message, error.body['saved']]).toEqual([
    409,
    'Somebody was faster.',
    { version: 2 },
  ]);
});

test('what a proxy answers in its own words is no riddle', async () => {
  answer(502, '<html>Bad gateway</html>');
  expect(await refusal(get(sites))).toMatchObject({ status: 502, message: 'That did not work' });
});

test('a server that is not reached is told as such, with what to do', async () => {
  globalThis.fetch = () => Promise.reject(new TypeError('fetch failed'));
  expect(await refusal(get(sites))).toMatchObject({
    status: 0,
    message: expect.stringMatching(/can’t be reached.*try again/) as string,
  });
});

test('what stands for a parameter of an address is encoded, and what is empty is left out of a query', () => {
  expect(widget).toBe('/api/widgets/w%2F1');
  const list = at('/api/sites/{site}/submissions', { site: 's1' });
  expect(withQuery(list, { words: 'a & b', widget: '', limit: 50 })).toBe(
    '/api/sites/s1/submissions?words=a+%26+b&limit=50',
  );
  expect(withQuery(list, { words: '' })).toBe('/api/sites/s1/submissions');
});
