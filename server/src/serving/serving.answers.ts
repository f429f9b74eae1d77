import { Type } from '@sinclair/typebox';
import type { Behaviour } from '@sirene/core/behaviour';
import { answer, fromCore, nullable, oneOf } from '../shared/answers.js';

const behaviour = fromCore<Behaviour>(
  'Behaviour',
  'behaviour',
  'When, where, to whom and how often a widget appears.',
);

/** What a page first hears of the site's published widgets. */
export const manifest = answer('Manifest', {
  widgets: Type.Array(
    Type.Intersect([
      behaviour,
      Type.Object({
        id: Type.String(),
        slug: Type.String(),
        mode: oneOf(['overlay', 'inline', 'free'], 'Which place it takes.'),
        body: Type.String({ description: 'The path of what is shown.' }),
        integrity: Type.String({ description: 'What its content hashes to (Subresource Integrity).' }),
      }),
    ]),
  ),
});

export const install = answer('Install', {
  connected: Type.Boolean(),
  at: nullable(Type.Integer()),
  page: nullable(Type.String()),
});
