import { useCallback, useState } from 'react';

interface Attempt {
  /** What was said when the last attempt was refused; `null` where it was not. */
  error: unknown;
  busy: boolean;
  /** @returns whether it went well */
  attempt(work: () => Promise<unknown>): Promise<boolean>;
}

/**
 * Does what may be refused, and keeps what was said when it was.
 *
 * @param of what it is done to, where that changes: what was said of one is not said of another
 */
export function useAttempt(of = ''): Attempt {
  const [failed, setFailed] = useState<{ of: string; error: unknown }>({ of, error: null });
  const [busy, setBusy] = useState(false);
  const attempt = useCallback(
    async (work: () => Promise<unknown>) => {
      setFailed({ of, error: null });
      setBusy(true);
      try {
        await work();
        return true;
      } catch (error) {
        setFailed({ of, error });
        return false;
      } finally {
        setBusy(false);
      }
    },
    [of],
  );
  return { error: failed.of === of ? failed.error : null, busy, attempt };
}
