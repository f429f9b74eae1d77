import { existsSync } from 'node:fs';

/**
 * Debian's Chromium without its own window: a whole run of the browser tests takes 690 s instead of 876 with it (two cores). The
 * whole browser does as well.
 */
const builds = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];

/** The build that is there, if any. */
export const installedChromium = () => builds.find((path) => existsSync(path));

/** How tests and benches start Debian's Chromium: as root, headless, and without asking the network for anything. */
export const chromiumOptions = {
  // Asked when it is started: it may have been installed meanwhile.
  get executablePath() {
    return installedChromium();
  },
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
};
