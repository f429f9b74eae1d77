type Listener = (failure: unknown) => void;

const listeners = new Set<Listener>();

/** Hears of whatever failed with nobody waiting for it; returns what ends that. */
export function onFailure(listener: Listener): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Lets something go on with nobody waiting for it: where it fails, the studio says so at its foot. */
export function inBackground(work: PromiseLike<unknown> | undefined | void): void {
  work?.then(undefined, (failure: unknown) => {
    for (const listener of listeners) listener(failure);
  });
}
