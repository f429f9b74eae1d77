// npm run build: makes everything that is served.
import { buildAll, ensurePackages } from './lib.mjs';

ensurePackages();
buildAll();
