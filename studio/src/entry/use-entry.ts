import { useState } from 'react';
import { useSession } from '../app/session.ts';

/** Sends what opens a session, and learns who is signed in; or what went wrong. */
export function useEntry(): { error: unknown; enter(send: () => Promise<unknown>): Promise<boolean> } {
  const { mutate } = useSession();
  const [error, setError] = useState<unknown>(null);
  const enter = async (send: () => Promise<unknown>) => {
    setError(null);
    try {
      await send();
      await mutate();
      return true;
    } catch (failure) {
      setError(failure);
      return false;
    }
  };
  return { error, enter };
}
