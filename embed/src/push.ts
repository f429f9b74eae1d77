/**
 * Moves the page out of a bar's way. The page's own boxes are moved by `translate`, which lays nothing out anew and so
 * counts as no layout shift; room for what is moved off the far end is made below.
 *
 * @returns what moves it back
 */
export function push(page: Document, bar: HTMLElement, at: 'top' | 'bottom'): () => void {
  const view = page.defaultView as Window & typeof globalThis;
  const { body } = page;
  const kept = { translate: body.style.translate, paddingBottom: body.style.paddingBottom };
  const below = parseFloat(view.getComputedStyle(body).paddingBottom) || 0;
  const move = () => {
    const height = bar.offsetHeight;
    body.style.paddingBottom = `${below + height}px`;
    if (at === 'top') body.style.translate = `0 ${height}px`;
  };
  const observer = new view.ResizeObserver(move);
  observer.observe(bar);
  return () => {
    observer.disconnect();
    Object.assign(body.style, kept);
  };
}
