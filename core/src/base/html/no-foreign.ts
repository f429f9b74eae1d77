import { Html } from './index.js';
import type { Foreign } from './foreign.js';

/** Shows nothing of what comes from outside. For those who have not loaded what makes it safe. */
export const noForeign: Foreign = { html: () => new Html(''), svg: () => new Html(''), css: () => '' };
