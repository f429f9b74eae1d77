/** What is listened to on pages of those sites whose rules ask for it, and what pages need that mark elements of their own. */
export { activity } from '../signals/activity.ts';
export { element } from '../signals/element.ts';
export { leave } from '../signals/leave.ts';
export { scroll } from '../signals/scroll.ts';
export { reachable } from '../reachable.ts';
