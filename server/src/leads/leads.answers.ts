import { Type } from '@sinclair/typebox';
import { answer, nullable, oneOf } from '../shared/answers.js';
import { outcomes, type LeadEntity, type LeadStageEntity } from './leads.entity.js';
import type { LeadsService } from './leads.service.js';

const stage = Type.Object(
  { id: Type.String(), name: Type.String(), outcome: oneOf(outcomes) },
  { additionalProperties: false },
);

export const stageList = Type.Array(stage);

const own = {
  id: Type.String(),
  stage: Type.String({ description: 'The id of its stage.' }),
  title: Type.String(),
  units: nullable(
    Type.Integer({ description: 'What it is worth, in the smallest unit of its currency (ISO 4217).' }),
  ),
  currency: Type.String(),
  owner: nullable(Type.String({ description: 'The id of a member.' })),
  dueOn: nullable(Type.String({ description: 'A day, such as 2026-12-24.' })),
  submission: nullable(Type.String()),
  createdAt: Type.Integer(),
  movedAt: Type.Integer({ description: 'When it came into its stage.' }),
};

export const lead = answer('Lead', own);

export const board = answer('Board', {
  stages: stageList,
  members: Type.Array(
    Type.Object({ id: Type.String(), name: Type.String() }, { additionalProperties: false }),
    { description: 'Who can own a lead.' },
  ),
  leads: Type.Array(
    Type.Object(
      {
        ...own,
        person: Type.Object(
          { id: Type.String(), name: Type.String(), email: Type.String(), phone: Type.String() },
          { additionalProperties: false },
        ),
      },
      { additionalProperties: false },
    ),
    { description: 'Those that moved last first; the newest thousand.' },
  ),
});

export const toldOfStage = ({ id, name, outcome }: LeadStageEntity) => ({ id, name, outcome });

export const toldOfLead = (entity: LeadEntity) => {
  const { id, stageId, title, units, currency, ownerId, dueOn, submissionId, createdAt, movedAt } = entity;
  return {
    ...{ id, stage: stageId, title, units, currency, owner: ownerId, dueOn },
    ...{ submission: submissionId, createdAt, movedAt },
  };
};

type Board = Awaited<ReturnType<LeadsService['board']>>;

export const toldOfBoard = ({ stages, members, leads }: Board) => ({
  stages: stages.map(toldOfStage),
  members,
  leads: leads.map(({ lead: one, person: { id, name, email, phone } }) => ({
    ...toldOfLead(one),
    person: { id, name, email, phone },
  })),
});
