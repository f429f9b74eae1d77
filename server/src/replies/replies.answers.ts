import { Type } from '@sinclair/typebox';
import { answer } from '../shared/answers.js';
import type { SavedReplyEntity } from './replies.entity.js';

export const savedReply = answer('SavedReply', {
  id: Type.String(),
  name: Type.String(),
  text: Type.String(),
});

export const toldOfReply = ({ id, name, text }: SavedReplyEntity) => ({ id, name, text });
