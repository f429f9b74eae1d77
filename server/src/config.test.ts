import { ConfigError, readConfig } from './config.js';

test('defaults', () => {
  expect(readConfig({})).toMatchObject({
    port: 4300,
    standinSmtpPort: 4325,
    smtpUrl: 'smtp://127.0.0.1:4325',
    demo: false,
  });
});

test('a real mail server switches the stand-in off', () => {
  expect(readConfig({ SIRENE_SMTP_URL: 'smtps://mail.example' })).toMatchObject({
    standinSmtpPort: null,
    smtpUrl: 'smtps://mail.example',
  });
});

test.each(['x', '0', '70000', '1.5', '-1'])('a port of %s is refused and named', (port) => {
  expect(() => readConfig({ SIRENE_PORT: port })).toThrow(ConfigError);
  expect(() => readConfig({ SIRENE_PORT: port })).toThrow(/SIRENE_PORT is/);
});

test.each<[string | undefined, unknown]>([
  [undefined, false],
  ['', false],
  ['1', 1],
  ['2', 2],
  ['10.0.0.0/8', ['10.0.0.0/8']],
  ['10.0.0.1, fd00::/8', ['10.0.0.1', 'fd00::/8']],
])('proxies %j are trusted as %j', (text, trusted) => {
  expect(readConfig({ SIRENE_TRUST_PROXY: text }).trustProxy).toEqual(trusted);
});

test.each(['0', '11', 'true', 'all', '10.0.0.0/99', '0.0.0.0/0x', 'example.org'])(
  'proxies %j are refused and named',
  (text) => {
    expect(() => readConfig({ SIRENE_TRUST_PROXY: text })).toThrow(/SIRENE_TRUST_PROXY is/);
  },
);
