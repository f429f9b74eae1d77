// For NODE_OPTIONS=--import: every process of the tests, and what they start, can run the sources.
import { register } from 'node:module';

register('./sources.mjs', import.meta.url);
if (process.send) await import('./first-message.mjs');
