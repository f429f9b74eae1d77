import { Module } from '@nestjs/common';
import { ChatModule } from '../chat/chat.module.js';
import { HappeningsModule } from '../chat/happenings.module.js';
import { MemberChatController } from './member-chat.controller.js';
import { MemberChatService } from './member-chat.service.js';
import { ModerationController } from './moderation.controller.js';
import { ModerationService } from './moderation.service.js';

/** Members of a client's site write to each other, where the site's owner lets them. */
@Module({
  imports: [ChatModule, HappeningsModule],
  controllers: [MemberChatController, ModerationController],
  providers: [MemberChatService, ModerationService],
})
export class MemberChatModule {}
