import { useState } from 'react';

/** Does what may be refused, and keeps what was said when it was. */
export function useAttempt(): { error: unknown; attempt(work: () => Promise<unknown>): Promise<boolean> } {
  const [error, setError] = useState<unknown>(null);
  const attempt = async (work: () => Promise<unknown>) => {
    setError(null);
    try {
      await work();
      return true;
    } catch (failure) {
      setError(failure);
      return false;
    }
  };
  return { error, attempt };
}
