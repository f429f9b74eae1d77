import type { Mounted } from '../mount.ts';
import type { Attached, PartPage } from './part.ts';

/**
 * Lets the messages of a widget take turns. They rest while the pointer or the focus is on them, once they are paused, and from the start
 * for those who ask for less motion.
 */
export function attach({ box }: Pick<Mounted, 'box'>, { clock }: Pick<PartPage, 'clock'>): Attached {
  let stops: (() => void)[] = [];
  const start = () => {
    stops = [...box.querySelectorAll<HTMLElement>('[data-turns]')].map((turns) => take(turns, clock));
  };
  const end = () => stops.forEach((stop) => stop());
  start();
  return {
    written() {
      end();
      start();
    },
    end,
  };
}

function take(turns: HTMLElement, clock: PartPage['clock']): () => void {
  const { turns: seconds, pause = '', play = '' } = turns.dataset;
  const messages = [...(turns.querySelector('.messages')?.children ?? [])];
  const button = turns.querySelector('[data-pausing]');
  const view = turns.ownerDocument.defaultView as Window;
  let now = 0;
  let cancel = () => {};
  const show = () => {
    turns.dataset['now'] = String(now);
    for (const [at, message] of messages.entries()) message.toggleAttribute('data-on', at === now);
  };
  const isResting = () => turns.hasAttribute('data-paused') || turns.matches(':hover,:focus-within');
  const next = () => {
    if (!isResting()) {
      now = (now + 1) % messages.length;
      show();
    }
    wait();
  };
  const wait = () => {
    cancel = clock.at(clock.now() + Number(seconds) * 1000, next);
  };
  const setPaused = (paused: boolean) => {
    turns.toggleAttribute('data-paused', paused);
    button?.setAttribute('aria-label', paused ? play : pause);
  };
  const pressed = () => setPaused(!turns.hasAttribute('data-paused'));
  button?.addEventListener('click', pressed);
  setPaused(view.matchMedia('(prefers-reduced-motion:reduce)').matches);
  show();
  if (messages.length > 1) wait();
  return () => {
    cancel();
    button?.removeEventListener('click', pressed);
  };
}
