import { useEffect } from 'react';
import { useSWRConfig } from 'swr';
import { at, put } from '../shared/api/index.ts';

/** Sends what an earlier visit could not save, such as from a tab that was closed while the server was away. */
export function useSendPending(): void {
  const { mutate } = useSWRConfig();
  useEffect(() => {
    const send = async () => {
      // Loaded beside the rest: most have nothing to send.
      const { isOpenSomewhere, sendPending } = await import('../editor/state/pending.ts');
      await sendPending(async (widgetId, { base, document }) => {
        if (await isOpenSomewhere(widgetId)) throw new Error('It is being edited.');
        await put(at('/api/widgets/{widget}/draft', { widget: widgetId }), { base, document });
        await mutate((key) => typeof key === 'string' && /\/widgets$/.test(key));
      });
    };
    // A browser that keeps nothing has nothing to send.
    send().catch(() => {});
  }, [mutate]);
}
