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
