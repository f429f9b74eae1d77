import { Header } from '@nestjs/common';
import { brandPagePolicy } from './brand-page.js';

/** Headers of a page that a secret link leads to: nobody keeps it, and nobody is told where it is. */
export const GuardedPage = (): MethodDecorator => (target, key, descriptor) => {
  for (const [name, value] of [
    ['content-type', 'text/html; charset=utf-8'],
    ['content-security-policy', brandPagePolicy],
    ['cache-control', 'no-store'],
    ['referrer-policy', 'no-referrer'],
  ] as const)
    Header(name, value)(target, key, descriptor);
};
