export { VirtualClock } from './clock.js';
