/** What is counted. Nothing about the visitor goes with it. */
export interface Counted {
  type: 'shown' | 'closed' | 'submitted';
  widget: string;
}

/** Gathers events for a moment and sends them together, at the latest when the page goes. */
export function counter(address: string): (event: Counted) => void {
  let events: Counted[] = [];
  const flush = () => {
    if (events.length === 0) return;
    const gathered = events;
    events = [];
    // A count that is lost is no harm; an error in the page's console would be, and pages put their own things in place
    // of the browser's.
    const send = async () => {
      await fetch(address, {
        method: 'POST',
        keepalive: true,
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ events: gathered }),
      });
    };
    send().catch(() => {});
  };
  addEventListener('pagehide', flush);
  return (event) => {
    if (events.push(event) === 1) setTimeout(flush, 2000);
  };
}
