import { deviceName } from './device-name.ts';

const agent = (system: string, rest: string) => `Mozilla/5.0 (${system}) ${rest}`;

test.each([
  [
    agent('Windows NT 10.0; Win64; x64', 'AppleWebKit/537.36 Chrome/142.0 Safari/537.36 Edg/142.0'),
    'Edge on Windows',
  ],
  [
    agent('Macintosh; Intel Mac OS X 10_15_7', 'AppleWebKit/605.1.15 Version/19.0 Safari/605.1.15'),
    'Safari on macOS',
  ],
  [agent('X11; Linux x86_64; rv:140.0', 'Gecko/20100101 Firefox/140.0'), 'Firefox on Linux'],
  [
    agent('Linux; Android 16; Pixel', 'AppleWebKit/537.36 Chrome/142.0 Mobile Safari/537.36'),
    'Chrome on Android',
  ],
  [agent('iPhone; CPU iPhone OS 19_0 like Mac OS X', 'Version/19.0 Mobile Safari/604.1'), 'Safari on iOS'],
  ['curl/8.14', 'curl/8.14'],
  ['', 'Unknown device'],
])('%s', (device, name) => {
  expect(deviceName(device)).toBe(name);
});
