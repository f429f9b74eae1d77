import type { PlanInput, PlanRow } from '@sirene/core/rehearse/plan';
import { useEffect, useState } from 'react';
import type { PlanTold } from './plan-worker.ts';

interface Plan {
  /** In the order of the pages; those that are not worked out yet are missing at the end. */
  rows: readonly PlanRow[];
  done: boolean;
}

const nothing: Plan = { rows: [], done: false };

/** The page plan of a site, worked out beside the studio's own thread. */
export function usePlan(input: PlanInput | null): Plan {
  const [plan, setPlan] = useState<{ of: PlanInput | null } & Plan>({ of: null, ...nothing });
  useEffect(() => {
    if (!input) return;
    const worker = new Worker(new URL('./plan-worker.ts', import.meta.url), { type: 'module' });
    let rows: PlanRow[] = [];
    worker.onmessage = ({ data }: MessageEvent<PlanTold>) => {
      rows = [...rows, ...data.rows];
      setPlan({ of: input, rows, done: data.done });
    };
    worker.postMessage(input);
    return () => worker.terminate();
  }, [input]);
  // While another is worked out, the one before is no answer to what is asked now.
  return plan.of === input ? plan : nothing;
}
