// npm run build: makes everything that is served.
import { buildAll } from './build-all.mjs';
import { ensurePackages } from './lib.mjs';

ensurePackages();
buildAll();
