/**
 * After something in a list has gone, with the focus in it: the list takes the focus, so that keys go on from there. The
 * list has a `tabIndex` of -1.
 */
export const keepFocus = (list: HTMLElement | null): void => {
  requestAnimationFrame(() => {
    if (document.activeElement === document.body) list?.focus();
  });
};
