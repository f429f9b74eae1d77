/** Does something once the browser has nothing else to do. */
export function whenIdle(task: () => void): void {
  if ('requestIdleCallback' in window) requestIdleCallback(task);
  else setTimeout(task, 2000);
}
