// A whole server starts before the tests of a file; beside others that takes longer than a test is given by itself.
import { setBound } from './bounds.mjs';

setBound(20_000);
