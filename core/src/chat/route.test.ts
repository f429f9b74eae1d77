import { routedTo, type ChatRoute } from './route.js';

const routes: ChatRoute[] = [
  { answer: 'Return', page: '', to: 'Ada@moor.example ' },
  { answer: '', page: '/shop/*', to: 'bea@moor.example' },
  { answer: 'Order', page: '/shop/*', to: 'cem@moor.example' },
  { answer: '', page: '', to: 'everybody@moor.example' },
  { answer: 'Delivery', page: '', to: ' ' },
];
const begun = (value: string, path: string) => ({
  answers: [{ label: 'Topic', value }],
  page: `https://moor.example${path}`,
});

test.each([
  ['return', '/till/', ['ada@moor.example']],
  ['Return', '/shop/lamp/', ['ada@moor.example', 'bea@moor.example']],
  ['Order', '/till/', []],
  ['order ', '/shop/', ['bea@moor.example', 'cem@moor.example']],
  ['Delivery', '/till/', []],
])('%s on %s goes to %j', (topic, path, addresses) =>
  expect(routedTo(routes, begun(topic, path))).toEqual(addresses),
);
