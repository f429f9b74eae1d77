// A disk that fills up under load, is freed, and the process killed: what was acknowledged is there, what was not is not.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, statfsSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { answering } from '../../scripts/programs.mjs';
import { studio, Target } from './target.mjs';

const megabytes = 14;

export default async function fullDisk(_, { full }) {
  const cycles = full ? 10 : 1;
  const folder = mkdtempSync(join(tmpdir(), 'sirene-disk-'));
  const mounted =
    spawnSync('mount', ['-t', 'tmpfs', '-o', `size=${megabytes}m`, 'tmpfs', folder]).status === 0;
  if (!mounted) {
    rmSync(folder, { recursive: true, force: true });
    return [{ name: 'a full disk', skipped: 'this system lets no file system be mounted' }];
  }
  let target;
  const results = [];
  try {
    target = await Target.on(folder);
    const answers = new Map();
    let afterwards = 0;
    let said503 = false;
    for (let cycle = 0; cycle < cycles; cycle++) {
      // All but a little of the room that is left.
      const { bavail, bsize } = statfsSync(folder);
      writeFileSync(join(folder, 'ballast'), Buffer.alloc(Math.max(0, bavail * bsize - 200_000)));
      const stop = target.load(32, answers);
      const before = answers.size;
      for (let wait = 0; wait < 200; wait++) {
        await new Promise((done) => setTimeout(done, 50));
        if ([...answers.values()].slice(before).filter((status) => status === 503).length > 50) break;
      }
      // The last room too, so that it stays full: until then a checkpoint may make some.
      const last = statfsSync(folder);
      writeFileSync(join(folder, 'ballast-2'), Buffer.alloc(last.bavail * last.bsize));
      for (let wait = 0; wait < 100 && !said503; wait++) {
        said503 = (await fetch(`${studio}/health`)).status === 503;
        if (!said503) await new Promise((done) => setTimeout(done, 100));
      }
      await stop();
      for (const file of ['ballast', 'ballast-2']) rmSync(join(folder, file));
      const room = Array.from({ length: 160 }, () => target.submission());
      const statuses = await Promise.all(room.map((one) => target.submit(one)));
      statuses.forEach((status, at) => answers.set(room[at].id, status));
      afterwards += statuses.filter((status) => status !== 202).length;
      // Its answer holds for a second.
      await answering(`${studio}/health`).catch(() => afterwards++);
      await target.end('SIGKILL');
      await target.start();
    }
    const stored = target.stored();
    const lost = [...answers].filter(([id, status]) => status === 202 && !stored.has(id)).length;
    const falsely = [...answers].filter(([id, status]) => status === 503 && stored.has(id)).length;
    const refused = [...answers.values()].filter((status) => status === 503).length;
    const other = [...answers.values()].filter((status) => ![0, 202, 503].includes(status)).length;
    results.push(
      {
        name: `a disk full ${cycles} times: none acknowledged lost`,
        ok: lost === 0,
        detail: `${lost} of ${answers.size}`,
      },
      {
        name: 'none answered falsely',
        ok: falsely === 0 && other === 0,
        detail: `${falsely} kept though refused, ${other} other answers`,
      },
      {
        name: 'refusals were 503, and health said so',
        ok: refused > 0 && said503,
        detail: `${refused} refused, health ${said503}`,
      },
      { name: 'all is taken once there is room', ok: afterwards === 0, detail: `${afterwards} were not` },
    );
  } finally {
    await target?.end('SIGKILL');
    spawnSync('umount', [folder]);
    rmSync(folder, { recursive: true, force: true });
  }
  return results;
}
