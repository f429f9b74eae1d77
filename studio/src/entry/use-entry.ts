import { useSession } from '../app/session.ts';
import { useAttempt } from '../shared/use-attempt.ts';

/** Sends what opens a session, and learns who is signed in; or what went wrong. */
export function useEntry(): { error: unknown; enter(send: () => Promise<unknown>): Promise<boolean> } {
  const { mutate } = useSession();
  const { error, attempt } = useAttempt();
  const enter = (send: () => Promise<unknown>) =>
    attempt(async () => {
      await send();
      await mutate();
    });
  return { error, enter };
}
