// What the project's commands share.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { installedChromium } from '../e2e/chromium.mjs';

export const root = fileURLToPath(new URL('..', import.meta.url));
export const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm';

export function say(text) {
  console.log(`\n» ${text}`);
}

/** Runs a command to its end; leaves with its exit code when it fails. */
export function run(command, args, options = {}) {
  const { status } = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (status !== 0) process.exit(status ?? 1);
}

/** Installs the packages when they are missing or older than the lock file, and compiles what has to be. */
export function ensurePackages() {
  fetchPackages();
  compilePackages();
}

/** Brings the packages without running their own scripts: enough to read sources with, as the linter does. */
export function fetchPackages() {
  const stamp = `${root}node_modules/.package-lock.json`;
  const lock = `${root}package-lock.json`;
  if (existsSync(stamp) && (!existsSync(lock) || statSync(stamp).mtimeMs >= statSync(lock).mtimeMs - 1000))
    return;
  say('Installing packages');
  // Not `npm ci`: it refuses a lock file that lacks a native package of a platform other than this one, as one made here may.
  run(npm, ['install', '--ignore-scripts', '--no-audit', '--no-fund', '--loglevel=error']);
}

/** Runs the packages' own scripts, where the database driver is not there yet. */
export function compilePackages() {
  if (existsSync(`${root}node_modules/better-sqlite3/build/Release/better_sqlite3.node`)) return;
  say('Compiling the database driver (on a new machine two to three minutes)');
  run(npm, ['rebuild', '--loglevel=error']);
}

/** Makes the demo data where there is no database yet. */
export function ensureDemoData(data, env) {
  if (existsSync(join(data, 'sirene.db'))) return;
  say(`Making the demo data in ${data}`);
  // Beside the data it makes: two demos may be made at once.
  mkdirSync(data, { recursive: true });
  const archive = join(data, 'archive.json');
  run(process.execPath, ['demo/dist/archive.js', archive], { env });
  run(process.execPath, ['server/dist/import.js', archive], { env });
}

/** Starts programs side by side; when one ends, all end. */
export function together(programs) {
  const children = programs.map(({ command, args, env }) =>
    spawn(command, args, { cwd: root, stdio: 'inherit', env: { ...process.env, ...env } }),
  );
  const stop = () => children.forEach((child) => child.kill('SIGTERM'));
  for (const child of children) {
    child.on('exit', (code) => {
      stop();
      process.exitCode ||= code ?? 0;
    });
  }
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
}

/** Installs Chromium for the browser tests, where it is missing. */
export function ensureChromium() {
  if (installedChromium()) return;
  say('Installing Chromium for the browser tests (Debian’s package)');
  const install = 'apt-get install -y --no-install-recommends chromium-headless-shell';
  spawnSync('sh', ['-c', `apt-get update && ${install}`], { stdio: 'inherit' });
  if (installedChromium()) return;
  console.error(
    'Chromium is missing: install Debian’s package "chromium-headless-shell" or "chromium", and run npm test again.',
  );
  process.exit(1);
}
