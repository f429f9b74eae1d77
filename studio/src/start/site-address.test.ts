import { siteAddress } from './site-address.ts';

test.each([
  ['www.place.example', 'https://www.place.example/'],
  [' https://place.example/about#top ', 'https://place.example/about'],
  ['http://localhost:4310', 'http://localhost:4310/'],
  ['PLACE.example', 'https://place.example/'],
])('%s is %s', (typed, address) => {
  expect(siteAddress(typed)?.href).toBe(address);
});

test.each([
  '',
  '   ',
  'place',
  'two words',
  'ftp://place.example',
  'javascript:alert(1)',
  'https://me@place.example',
  'http://',
])('%j is no site', (typed) => {
  expect(siteAddress(typed)).toBeNull();
});
