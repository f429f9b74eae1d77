import { useState } from 'react';

interface Attempt {
  /** What was said when the last attempt was refused; `null` where it was not. */
  error: unknown;
  busy: boolean;
  /** @returns whether it went well */
  attempt(work: () => Promise<unknown>): Promise<boolean>;
}

/** Does what may be refused, and keeps what was said when it was. */
export function useAttempt(): Attempt {
  const [error, setError] = useState<unknown>(null);
  const [busy, setBusy] = useState(false);
  const attempt = async (work: () => Promise<unknown>) => {
    setError(null);
    setBusy(true);
    try {
      await work();
      return true;
    } catch (failure) {
      setError(failure);
      return false;
    } finally {
      setBusy(false);
    }
  };
  return { error, busy, attempt };
}
