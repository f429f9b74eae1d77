// What `@jest/globals` is where a test runs in plain Node.js (jest-light-runner): the same objects, from where the runner puts them.
export const { jest, expect, describe, it, test, beforeAll, beforeEach, afterAll, afterEach } = globalThis;
