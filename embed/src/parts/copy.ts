import type { Mounted } from '../mount.ts';
import type { Attached, PartPage, PartWidget } from './part.ts';
import { report } from '../report.ts';

/** How long a button says that it has copied, ms. */
const saysMs = 2500;

/** Lets the codes of a widget be copied; that they were is seen on the button, and heard. */
export function attach({ box }: Pick<Mounted, 'box'>, page?: PartPage, widget?: PartWidget): Attached {
  const codes = page?.codes;
  const of = ({ dataset }: HTMLElement) => dataset['pool'] !== undefined;
  const elementOf = (node: Element) => node.closest<HTMLElement>('[data-e]')?.dataset['e'] ?? '';
  // What hangs on the visitor's own countdown begins with it: the server signs when that was.
  const begin = () => {
    const own = box.querySelector<HTMLElement>('[data-own]');
    if (widget && own && box.querySelector('[data-expires]'))
      codes?.begin(widget.id, elementOf(own)).catch(report);
  };
  const pressed = ({ target }: Event) => {
    const button = Element.prototype.closest.call(target, '[data-copy],[data-pool]');
    if (!(button instanceof HTMLElement)) return;
    const { copy: known } = button.dataset;
    if (known !== undefined || !of(button)) copy(button, known ?? '').catch(() => select(button));
    else if (widget && codes)
      codes.ask(widget.id, elementOf(button), button.dataset['expires'] !== undefined).then(
        (code) => {
          if (code === null) return gone(button);
          button.dataset['copy'] = code;
          const place = button.parentElement?.querySelector('code');
          if (place) place.textContent = code;
          return copy(button, code).catch(() => select(button));
        },
        (error: unknown) => report(error),
      );
  };
  begin();
  box.addEventListener('click', pressed);
  return { written: begin, end: () => box.removeEventListener('click', pressed) };
}

const statusOf = (button: HTMLElement) => button.parentElement?.querySelector('[role=status]');

async function copy(button: HTMLElement, code: string): Promise<void> {
  const { copied = '' } = button.dataset;
  await navigator.clipboard.writeText(code);
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

// A page without TLS has no clipboard: the code is selected, so that it can be copied by hand.
function select(button: HTMLElement): void {
  const code = button.parentElement?.querySelector('code');
  if (code) getSelection()?.selectAllChildren(code);
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
