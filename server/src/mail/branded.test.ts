import { plainBrand, type Brand } from '@sirene/core/style';
import { brandedMail } from './branded.js';

const sender = { brand: plainBrand, siteName: 'Larkmoor & Sons' };

test('a text is said twice: plain, and as HTML in the colours of the brand', () => {
  const { text, html } = brandedMail(sender, {
    text: 'Good evening,\n\none line\nand another.\n',
    button: { label: 'Confirm', href: 'https://s.example/p/k/confirm/t' },
    foot: { text: 'You asked for it.', link: { label: 'Unsubscribe', href: 'https://s.example/p/k/u/t' } },
  });
  expect(text).toBe(
    'Good evening,\n\none line\nand another.\n\nConfirm:\nhttps://s.example/p/k/confirm/t\n\n-- \nYou asked for it.\nUnsubscribe: https://s.example/p/k/u/t',
  );
  expect(html).toContain('Larkmoor &amp; Sons');
  expect(html).toMatch(/<p [^>]+>one line<br>and another\.<\/p>/);
  expect(html).toMatch(
    /<a href="https:\/\/s\.example\/p\/k\/confirm\/t" style="[^"]*#20566b[^"]*">Confirm<\/a>/,
  );
});

test('what was entered is text: no markup, and only addresses of the web become links', () => {
  const entered =
    '<img src=x onerror=alert(1)> javascript:alert(1) "https://a.example/?b=1&c=2", https://x.example/<script>.';
  const { html } = brandedMail(sender, { text: entered });
  expect(html).not.toMatch(/<img|<script/);
  expect([...html.matchAll(/href="([^"]*)"/g)].map(([, to]) => to)).toEqual([
    'https://a.example/?b=1&amp;c=2',
    'https://x.example/',
  ]);
});

test('a value of the brand ends no attribute', () => {
  const brand: Brand = {
    ...plainBrand,
    tokens: {
      ...plainBrand.tokens,
      font: { $type: 'fontFamily', title: { $value: ['A"><b>', 'serif'] }, text: { $value: ['serif'] } },
    },
  };
  expect(brandedMail({ ...sender, brand }, { text: 'Hello' }).html).not.toContain('<b>');
});
