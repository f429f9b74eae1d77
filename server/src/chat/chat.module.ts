import { Module } from '@nestjs/common';
import { ChatHub } from './chat.hub.js';
import { ChatService } from './chat.service.js';
import { DeskController } from './desk.controller.js';
import { VisitorChatController } from './visitor-chat.controller.js';

/** Conversations between visitors and the desk. */
@Module({
  controllers: [VisitorChatController, DeskController],
  providers: [ChatService, ChatHub],
})
export class ChatModule {}
