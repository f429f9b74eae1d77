// A whole server starts before the tests of a file; beside others that takes longer than Jest waits by itself. As an option of a
// project Jest would not heed it.
import { jest } from '@jest/globals';

jest.setTimeout(20_000);
