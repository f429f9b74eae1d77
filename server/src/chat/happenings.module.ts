import { Module } from '@nestjs/common';
import { ChatHub } from './chat.hub.js';
import { Happenings } from './happenings.js';

/** Who waits for what happens in conversations, and how they are told: also of what begins elsewhere than in a chat. */
@Module({ providers: [ChatHub, Happenings], exports: [ChatHub, Happenings] })
export class HappeningsModule {}
