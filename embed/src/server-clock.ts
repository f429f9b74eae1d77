/** Less than this is no wrong clock, ms: the header tells whole seconds, and the answer was on its way. */
const tolerated = 3000;

/**
 * What the server's clock says, by the Date of an answer (RFC 9110, 6.6.1), asked for once a page and only where somebody needs it.
 *
 * @returns asks how far the visitor's clock is behind the server's, ms; `null` where that can't be told
 */
export function serverClock(origin: string): () => Promise<number | null> {
  let asked: Promise<number | null> | undefined;
  const ask = async () => {
    const before = Date.now();
    const { headers } = await fetch(`${origin}/embed.js`, { method: 'HEAD', cache: 'no-store' });
    const told = Date.parse(headers.get('date') ?? '');
    const ahead = told - (before + Date.now()) / 2;
    return Number.isNaN(ahead) ? null : Math.abs(ahead) < tolerated ? 0 : ahead;
  };
  return () => (asked ??= ask().catch(() => null));
}
