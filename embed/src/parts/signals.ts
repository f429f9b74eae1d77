/** What is listened to on pages of those sites whose rules ask for it. */
export { activity } from '../signals/activity.ts';
export { element } from '../signals/element.ts';
export { leave } from '../signals/leave.ts';
export { scroll } from '../signals/scroll.ts';
