/** What opens a widget when it is pressed. */
export const marked = '[data-sirene-open]';

/**
 * Lets a page open widgets without a script of its own: by pressing an element with `data-sirene-open="name"`, by a link
 * to `#name`, and by an address that ends so. A fragment that names a part of the page itself is left to the page.
 *
 * @param open shows a widget by its address name; tells whether there is one
 */
export function openers(page: Document, open: (name: string) => boolean): void {
  const view = page.defaultView as Window;
  const nameIn = (hash: string): string => {
    try {
      return decodeURIComponent(hash.slice(1));
    } catch {
      return '';
    }
  };
  const follow = (hash: string): boolean => {
    const name = nameIn(hash);
    return name !== '' && !page.getElementById(name) && open(name);
  };
  const pressed = (event: Event, target: Element): boolean => {
    const element = target.closest<HTMLElement>(marked);
    if (!element || !open(element.dataset['sireneOpen'] as string)) return false;
    event.preventDefault();
    return true;
  };

  page.addEventListener('click', (event) => {
    const { target } = event;
    if (!(target instanceof Element) || event.defaultPrevented || pressed(event, target)) return;
    const link = target.closest<HTMLAnchorElement>('a[href^="#"]');
    if (link && follow(link.hash)) event.preventDefault();
  });
  view.addEventListener('hashchange', () => follow(view.location.hash));
  follow(view.location.hash);
}
