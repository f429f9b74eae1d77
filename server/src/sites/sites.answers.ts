import { Type } from '@sinclair/typebox';
import type { Policy } from '@sirene/core/behaviour';
import { answer, fromCore, nullable } from '../shared/answers.js';
import type { SiteEntity } from './sites.entity.js';

export const siteAnswer = answer('Site', {
  id: Type.String(),
  key: Type.String({ description: 'Public: stands in the script tag.' }),
  name: Type.String(),
  origins: Type.Array(Type.String(), { description: 'Origins (RFC 6454) whose pages may show its widgets.' }),
  zone: Type.String({ description: 'The zone of its clocks (IANA time zone database).' }),
  policy: fromCore<Policy>('Policy', 'behaviour', 'How much its widgets may interrupt together.'),
  unwantedWords: Type.Array(Type.String(), {
    description: 'Words that hold a submission back as spam, in small letters.',
  }),
  seenAt: nullable(Type.Integer({ description: 'When a page last loaded the script.' })),
  seenPage: nullable(Type.String()),
  archivedAt: nullable(
    Type.Integer({ description: 'When it was put aside; visitors see none of its widgets.' }),
  ),
});

export const toldOfSite = ({
  id,
  key,
  name,
  origins,
  zone,
  policy,
  unwantedWords,
  seenAt,
  seenPage,
  archivedAt,
}: SiteEntity) => ({
  id,
  key,
  name,
  origins,
  zone,
  policy,
  unwantedWords,
  seenAt,
  seenPage,
  archivedAt,
});
