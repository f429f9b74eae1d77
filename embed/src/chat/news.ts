/** Says how many answers are new: upon what unfolds the chat, and in the title of the page. */
export function newsOn(box: HTMLElement): (count: number) => void {
  const page = box.ownerDocument;
  let titled = '';
  return (count) => {
    const next = count > 0 ? `(${count}) ` : '';
    // Only what changes is written: pages watch their own titles.
    if (next !== titled)
      page.title = next + page.title.slice(page.title.startsWith(titled) ? titled.length : 0);
    titled = next;
    const launcher = box.querySelector<HTMLElement>('.launcher');
    const known = launcher?.querySelector<HTMLElement>('[data-news]');
    if (count === 0) known?.remove();
    if (!launcher || count === 0) return;
    const badge = known ?? page.createElement('span');
    badge.setAttribute('data-news', '');
    badge.textContent = `(${count})`;
    badge.style.cssText =
      'position:absolute;inset-block-start:4px;inset-inline-end:4px;padding:0 5px;border-radius:9px;font:600 12px/18px system-ui;background:#b3261e;color:#fff';
    launcher.append(badge);
  };
}
