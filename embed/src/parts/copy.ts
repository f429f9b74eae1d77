import type { Mounted } from '../mount.ts';
import type { Attached } from './part.ts';

/** How long a button says that it has copied, ms. */
const saysMs = 2500;

/** Lets the codes of a widget be copied; that they were is seen on the button, and heard. */
export function attach({ box }: Pick<Mounted, 'box'>): Attached {
  const pressed = ({ target }: Event) => {
    const button = Element.prototype.closest.call(target, '[data-copy]');
    if (button instanceof HTMLElement) copy(button).catch(() => select(button));
  };
  box.addEventListener('click', pressed);
  return { end: () => box.removeEventListener('click', pressed) };
}

async function copy(button: HTMLElement): Promise<void> {
  const { copy: code = '', copied = '' } = button.dataset;
  await navigator.clipboard.writeText(code);
  const status = button.parentElement?.querySelector('[role=status]');
  const before = button.dataset['before'] ?? button.textContent;
  button.dataset['before'] = before;
  button.textContent = copied || before;
  if (status) status.textContent = copied;
  setTimeout(() => {
    button.textContent = before;
    if (status) status.textContent = '';
  }, saysMs);
}

// A page without TLS has no clipboard: the code is selected, so that it can be copied by hand.
function select(button: HTMLElement): void {
  const code = button.parentElement?.querySelector('code');
  if (code) getSelection()?.selectAllChildren(code);
}
