import { Type } from '@sinclair/typebox';
import { answer, nullable, oneOf } from '../shared/answers.js';
import { entryStates, listEventKinds } from './lists.entity.js';
import type { ListsService } from './lists.service.js';

const state = oneOf(entryStates);

export const mailingList = answer('MailingList', {
  id: Type.String(),
  name: Type.String(),
  createdAt: Type.Integer(),
  counts: Type.Object(
    { pending: Type.Integer(), confirmed: Type.Integer(), unsubscribed: Type.Integer() },
    { additionalProperties: false },
  ),
});

const entry = answer('ListEntry', {
  person: Type.Object(
    { id: Type.String(), name: Type.String(), email: Type.String() },
    { additionalProperties: false },
  ),
  state,
  since: Type.Integer(),
  events: Type.Array(
    Type.Object(
      {
        kind: oneOf(listEventKinds),
        at: Type.Integer(),
        page: Type.String(),
        words: Type.String({ description: 'What they agreed to, as they saw it.' }),
        submission: nullable(Type.String()),
      },
      { additionalProperties: false },
    ),
    { description: 'All that happened, the first first.' },
  ),
});

export const listEntries = answer('ListEntries', {
  next: nullable(Type.String({ description: 'The cursor of the next page, to be given as `after`.' })),
  entries: Type.Array(entry),
});

type Listed = Awaited<ReturnType<ListsService['all']>>[number];

export const toldOfList = ({ list: { id, name, createdAt }, counts }: Listed) => ({
  id,
  name,
  createdAt,
  counts,
});

export type ListedEntry = Awaited<ReturnType<ListsService['entries']>>['views'][number];

export const toldOfEntry = ({ entry: { state: now, since }, person, events }: ListedEntry) => ({
  person: { id: person.id, name: person.name, email: person.email },
  state: now,
  since,
  events: events.map(({ kind, at, page, words, submissionId }) => ({
    kind,
    at,
    page,
    words,
    submission: submissionId,
  })),
});

export const imported = answer('ImportedPeople', {
  rows: Type.Integer(),
  added: Type.Integer(),
  already: Type.Integer({ description: 'Were on the list before, or are in the file twice.' }),
  suppressed: Type.Integer({ description: 'Have left the list, and are not put on it by others.' }),
  broken: Type.Integer(),
  problems: Type.Array(
    Type.Object({ row: Type.Integer(), reason: Type.String() }, { additionalProperties: false }),
    { description: 'The first of those that can’t be read.' },
  ),
});
