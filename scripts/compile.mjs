// npm run compile: compiles core, server and demo, in the order in which they need each other.
import { compile } from './tsc.mjs';

compile();
