import { marked } from './openers.ts';

/** Elements that are reached and pressed by keyboard without help. */
const pressable = 'a[href],button,input,select,textarea,summary,[tabindex]';

const heard = new WeakSet<Document>();

/** Makes the page's marked elements reachable by keyboard, where they are not, and lets Enter and the space bar press them. */
export function reachable(page: Document): void {
  for (const element of page.querySelectorAll<HTMLElement>(marked)) {
    if (element.matches(pressable)) continue;
    element.tabIndex = 0;
    element.dataset['sireneKey'] = '';
    if (!element.hasAttribute('role')) element.setAttribute('role', 'button');
  }
  if (heard.has(page)) return;
  heard.add(page);
  page.addEventListener('keydown', (event) => {
    const { key, target } = event;
    // What the browser itself presses by key arrives as a click.
    if ((key !== 'Enter' && key !== ' ') || !(target instanceof HTMLElement)) return;
    if (target.dataset['sireneKey'] !== '') return;
    event.preventDefault();
    target.click();
  });
}
