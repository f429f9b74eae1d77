import { pagePlan, type PlanInput, type PlanRow } from '@sirene/core/rehearse/plan';

/** So many rows are told of at once, at least: each telling costs both sides something. */
const together = 10;

/** What the worker tells: rows in the order of the pages, and when all are there. */
export interface PlanTold {
  rows: PlanRow[];
  done: boolean;
}

const tell = (told: PlanTold) => postMessage(told);

addEventListener('message', ({ data }: MessageEvent<PlanInput>) => {
  let rows: PlanRow[] = [];
  for (const row of pagePlan(data)) {
    rows.push(row);
    if (rows.length < together) continue;
    tell({ rows, done: false });
    rows = [];
  }
  tell({ rows, done: true });
});
