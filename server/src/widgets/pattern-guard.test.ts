import { publishSignup, signupDocument, TestServer } from '../testing/server.js';

let server: TestServer;
let site: string;

beforeAll(async () => {
  server = await TestServer.start();
  site = (await publishSignup(server)).siteId;
});
afterAll(() => server.stop());

async function make(pattern: string) {
  const document = signupDocument();
  Object.assign(document.elements['name'] as object, { pattern });
  return server.post(`/api/sites/${site}/widgets`, { name: 'Patterned', document });
}

test.each(['[A-Z]{2}\\d{4}', '\\p{L}+( \\p{L}+)*', 'LM\\d \\d[A-Z]{2}', '(?:Mr|Ms) .{2,40}'])(
  'a pattern that grows with the text is taken: %s',
  async (pattern) => expect((await make(pattern)).status).toBe(201),
);

test.each(['(a+)+', '(\\w+\\s?)*', '(.*,){12}x', '(x+x+)+y'])(
  'a pattern that can take for ever is refused with its path: %s',
  async (pattern) => {
    const { status, body } = await make(pattern);
    expect([status, body.problems]).toEqual([
      400,
      [
        {
          path: 'elements.name.pattern',
          reason: 'could take very long to check: no two of its parts may match the same text',
        },
      ],
    ]);
  },
);

test('what is no pattern is refused too', async () => {
  const { status, body } = await make('[a-');
  expect([status, body.problems[0]]).toEqual([
    400,
    { path: 'elements.name.pattern', reason: 'is no regular expression' },
  ]);
});
