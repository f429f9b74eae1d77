// The programs that benchmarks measure, on ports and a data folder of their own.
import * as programs from '../scripts/programs.mjs';
import { launch } from './browser.mjs';

export { answering, newFolder, run, seed, start, stopped } from '../scripts/programs.mjs';

export const ports = { studio: 4500, demo: 4510, smtp: 4525, bare: 4530 };
export const studio = `http://localhost:${ports.studio}`;
export const demo = `http://localhost:${ports.demo}`;

export const environment = (data) => programs.environment(data, ports);
export const letter = () => programs.letter(studio, demo);
export const submission = (widget) => programs.submission(widget, `${demo}/journal/dark-adaptation/`);

/** Runs `work` with studio and demo site up on fresh demo data, to which `fill` may add, and a browser. */
export async function withDemo(work, fill = () => {}) {
  const { folder, remove } = programs.newFolder();
  const env = environment(folder);
  await programs.seed(folder, env);
  fill(folder);
  const children = [
    programs.start(['server/dist/main.js'], env),
    programs.start(['demo/dist/serve.js'], env),
  ];
  const browser = await launch();
  try {
    await Promise.all([programs.answering(`${studio}/health`), programs.answering(`${demo}/`)]);
    return await work(browser);
  } finally {
    await browser.close();
    children.forEach((program) => program.kill('SIGTERM'));
    await Promise.all(children.map(programs.stopped));
    remove();
  }
}
