import { findProof, leastWork } from '@sirene/core/form/work';

/** Numbers tried at a time where there is no worker: some milliseconds, so that the page goes on. */
const share = 500;

interface Task {
  id: string;
  bits: number;
}

/** The proof of work that goes with a submission, found beside the page where it lets workers run, else between its frames. */
export async function prove(id: string, bits = leastWork): Promise<string> {
  try {
    return await inWorker({ id, bits });
  } catch {
    return onPage({ id, bits });
  }
}

/** All of it at once: for the worker, which imports this file. */
export const proveAtOnce = ({ id, bits }: Task): string | null => findProof(id, bits, 0, Infinity);

function inWorker(task: Task): Promise<string> {
  // From an address of the page's own, since a worker of another origin is never run; what it imports may come from anywhere.
  const code = `import { proveAtOnce } from ${JSON.stringify(import.meta.url)}; onmessage = ({ data }) => postMessage(proveAtOnce(data));`;
  const address = URL.createObjectURL(new Blob([code], { type: 'text/javascript' }));
  return new Promise<string>((found, failed) => {
    const worker = new Worker(address, { type: 'module' });
    worker.onmessage = ({ data }) => {
      worker.terminate();
      found(data as string);
    };
    // Refused by the page's policy, among others.
    worker.onerror = failed;
    worker.postMessage(task);
  }).finally(() => URL.revokeObjectURL(address));
}

async function onPage({ id, bits }: Task): Promise<string> {
  for (let from = 0; ; from += share) {
    const proof = findProof(id, bits, from, share);
    if (proof !== null) return proof;
    await new Promise((done) => setTimeout(done));
  }
}
