import type { Mounted } from '../mount.ts';
import type { Attached, PartPage, PartWidget } from './part.ts';
import { report } from '../report.ts';

/** How long a button says that it has copied, ms. */
const saysMs = 2500;

/** What a code is where none can be given: on a try, where nothing is. */
const sample = 'SAMPLE';

/** Lets the codes of a widget be copied; that they were is seen on the button, and heard. */
export function attach({ box }: Pick<Mounted, 'box'>, page?: PartPage, widget?: PartWidget): Attached {
  const { codes } = page ?? {};
  const id = widget?.id ?? '';
  const elementOf = (node: Element) => node.closest<HTMLElement>('[data-e]')?.dataset['e'] ?? '';
  // What hangs on the visitor's own countdown begins with it: the server signs when that was.
  const begin = () => {
    const own = box.querySelector<HTMLElement>('[data-own]');
    if (own && box.querySelector('[data-expires]')) codes?.begin(id, elementOf(own)).catch(report);
  };
  const give = async (button: HTMLElement) => {
    const expires = button.dataset['expires'] !== undefined;
    const code = codes ? await codes.ask(id, elementOf(button), expires) : sample;
    if (code === null) return gone(button);
    button.dataset['copy'] = code;
    const place = button.parentElement?.querySelector('code');
    if (place) place.textContent = code;
    await copy(button, code);
  };
  const pressed = ({ target }: Event) => {
    const button = Element.prototype.closest.call(target, '[data-copy],[data-pool]');
    if (!(button instanceof HTMLElement)) return;
    // What is copied is known, or is of a pool and is asked for.
    const { copy: known } = button.dataset;
    (known === undefined ? give(button) : copy(button, known)).catch(report);
  };
  begin();
  box.addEventListener('click', pressed);
  return { written: begin, end: () => box.removeEventListener('click', pressed) };
}

const statusOf = (button: HTMLElement) => button.parentElement?.querySelector('[role=status]');

// A page without TLS has no clipboard: the code is selected, so that it can be copied by hand.
async function copy(button: HTMLElement, code: string): Promise<void> {
  try {
    await navigator.clipboard.writeText(code);
  } catch {
    const place = button.parentElement?.querySelector('code');
    if (place) getSelection()?.selectAllChildren(place);
    return;
  }
  const { copied = '' } = button.dataset;
  const status = statusOf(button);
  const before = button.dataset['before'] ?? button.textContent;
  button.dataset['before'] = before;
  button.textContent = copied || before;
  if (status) status.textContent = copied;
  setTimeout(() => {
    button.textContent = before;
    if (status) status.textContent = '';
  }, saysMs);
}

// Said where the code would have been, in words that are seen.
function gone(button: HTMLElement): void {
  const status = statusOf(button);
  button.parentElement?.querySelector('code')?.remove();
  if (status) {
    status.className = '';
    status.textContent = button.dataset['gone'] ?? '';
  }
  button.remove();
}
