import { origin, signupDocument, TestServer } from '../testing/server.js';

let server: TestServer;
let site: string;
let key: string;
let path: string;

beforeEach(async () => {
  server = await TestServer.start();
  await server.signIn();
  const { body } = await server.post('/api/sites', { name: 'Larkmoor', origins: [origin] });
  [site, key, path] = [body.id, body.key, `/api/sites/${body.id}/brand`];
});
afterEach(() => server.stop());

const red = {
  color: { $type: 'color', accent: { $value: { colorSpace: 'srgb', components: [0.6, 0, 0] } } },
};
const lamp = {
  color: { $type: 'color', lamp: { $value: { colorSpace: 'srgb', components: [1, 0.7, 0.2] } } },
};
const brand = (tokens: object, more: object = {}) => ({ tokens, looks: {}, fonts: [], ...more });

async function publishedWidget(change: (document: ReturnType<typeof signupDocument>) => void = () => {}) {
  const document = signupDocument();
  change(document);
  const { body: widget } = await server.post(`/api/sites/${site}/widgets`, { name: 'Signup', document });
  await server.post(`/api/widgets/${widget.id}/publish`, { base: 1 });
  return widget.id as string;
}

const liveBody = async () => {
  const manifest = await server.get(`/m/${key}.json`, { origin });
  return (await server.get(manifest.body.widgets[0].body, { origin })).body;
};

test('a brand is complete from the start, and what is saved lies over the plain one', async () => {
  const before = (await server.get(path)).body;
  expect(before.tokens.color.accent).toBeDefined();
  const saved = await server.put(path, brand(red));
  expect(saved.status).toBe(200);
  expect(saved.body.tokens.color.accent).toMatchObject(red.color.accent);
  expect(saved.body.tokens.color.ink).toEqual(before.tokens.color.ink);
});

test('a change is seen before it is made, and made to what is published', async () => {
  const id = await publishedWidget();
  const old = await liveBody();
  const preview = await server.post(`${path}/preview`, brand(red));
  expect(preview.body.touched).toMatchObject([{ id, name: 'Signup', published: true }]);
  expect(preview.body.touched[0].before.css).not.toBe(preview.body.touched[0].after.css);
  expect(await liveBody()).toEqual(old);
  await server.put(path, brand(red));
  const now = await liveBody();
  expect(now.css).toBe(preview.body.touched[0].after.css);
  expect((await server.get(`/api/widgets/${id}`)).body).toMatchObject({
    publishedNumber: 2,
    changedSince: false,
  });
});

test('a change that nobody would see touches nobody', async () => {
  await publishedWidget();
  expect((await server.post(`${path}/preview`, brand(lamp))).body).toEqual({ touched: [], uses: [] });
});

test('a token that a look uses goes only when another takes its place there', async () => {
  const looks = (token: string) => ({
    loud: { name: 'Loud', role: 'button', style: { box: { base: { background: `{${token}}` } } } },
  });
  await server.put(path, { ...brand(lamp), looks: looks('color.lamp') });
  const without = { ...brand({}), looks: looks('color.lamp') };
  const preview = await server.post(`${path}/preview`, without);
  expect(preview.body).toEqual({
    touched: [],
    uses: [{ token: 'color.lamp', name: 'the look Loud' }],
  });
  expect((await server.put(path, without)).status).toBe(409);
  const saved = await server.put(path, { ...without, replacements: { 'color.lamp': 'color.danger' } });
  expect(saved.body.looks).toEqual(looks('color.danger'));
});

test('a token in use goes only when another takes its place', async () => {
  await server.put(path, brand(lamp));
  const id = await publishedWidget((document) => {
    document.style = { button: { box: { base: { background: '{color.lamp}' } } } };
  });
  const preview = await server.post(`${path}/preview`, brand({}));
  expect(preview.body.uses).toEqual([{ token: 'color.lamp', name: 'Signup' }]);
  const refused = await server.put(path, brand({}));
  expect(refused.status).toBe(409);
  expect(refused.body.message).toBe(
    'The token color.lamp is used by Signup. Choose one that takes its place.',
  );
  const nowhere = await server.put(path, { ...brand({}), replacements: { 'color.lamp': 'color.nothing' } });
  expect(nowhere.status).toBe(409);
  const replaced = await server.put(path, { ...brand({}), replacements: { 'color.lamp': 'color.danger' } });
  expect(replaced.status).toBe(200);
  const { document } = (await server.get(`/api/widgets/${id}`)).body;
  expect(document.style.button.box.base.background).toBe('{color.danger}');
  expect((await liveBody()).css).toContain('var(--color-danger)');
});

test.each([
  ['an unknown field', { ...brand({}), hat: 1 }, /hat/],
  ['no tokens', { looks: {}, fonts: [] }, /tokens/],
  [
    'a circle of aliases',
    brand({ color: { $type: 'color', a: { $value: '{color.b}' }, b: { $value: '{color.a}' } } }),
    /refers to itself/,
  ],
  ['a look of an unknown role', brand({}, { looks: { x: { name: 'X', role: 'hat', style: {} } } }), /role/],
  [
    'a font from elsewhere',
    brand({}, { fonts: [{ family: 'X', src: 'https://x.example/x.woff2', weight: '400', style: 'normal' }] }),
    /fonts/,
  ],
])('%s is refused', async (_, body, reason) => {
  const answer = await server.put(path, body);
  expect(answer.status).toBe(400);
  expect(JSON.stringify(answer.body)).toMatch(reason);
});

test('a token file of another tool is read, and what can’t be used is listed', async () => {
  const text = JSON.stringify({
    Brand: { $type: 'color', Primary: { $value: '#123456' }, Again: { $value: '{Brand.Primary}' } },
    lost: { $type: 'color', $value: '{Brand.Nowhere}' },
    round: { $type: 'gradient', $value: [] },
  });
  const { body } = await server.post(`${path}/tokens`, { text });
  expect(body.count).toBe(2);
  expect(body.skipped.map(({ path: at }: { path: string }) => at).sort()).toEqual(['lost', 'round']);
  for (const bad of ['{"a":', '[]', '7']) {
    const refused = await server.post(`${path}/tokens`, { text: bad });
    expect([refused.status, typeof refused.body.message]).toEqual([400, 'string']);
  }
});

test('a brand is proposed from a page’s HTML', async () => {
  const html = `<style>body{color:#222233;background:#fbf7ef;font-family:Lora,serif}
    a.button{background:#aa3311;color:#fff;border-radius:9px}.button2{background:#aa3311;border-radius:9px}</style><p>Hello</p>`;
  const { body } = await server.post(`${path}/proposal`, { html });
  expect(body.colours.map(({ hex }: { hex: string }) => hex)).toContain('#aa3311');
  expect(body.fonts).toContain('Lora');
  expect(body.radii[0]).toBe(9);
  expect((await server.post(`${path}/proposal`, {})).status).toBe(400);
});

test('a standard look reaches widgets that chose none, and each look says who uses it', async () => {
  const id = await publishedWidget();
  const looks = { calm: { name: 'Calm', role: 'button', style: {}, standard: true } };
  const style = { box: { base: { background: '#112233' } } };
  const dressed = brand({}, { looks: { calm: { ...looks.calm, style } } });
  expect((await server.post(`${path}/preview`, dressed)).body.touched).toMatchObject([{ id }]);
  expect((await server.put(path, dressed)).status).toBe(200);
  expect((await liveBody()).css).toContain('.l-calm{background-color:#112233}');
  expect((await server.get(`${path}/looks`)).body).toEqual({ calm: [{ id, name: 'Signup', times: 1 }] });
  expect((await server.get(`${path}/looks`, { cookie: '' })).status).toBe(401);
});
