import { Module } from '@nestjs/common';
import { PeopleModule } from '../people/people.module.js';
import { InboxController } from './inbox.controller.js';
import { InboxService } from './inbox.service.js';
import { ViewsService } from './views.service.js';

@Module({
  imports: [PeopleModule],
  controllers: [InboxController],
  providers: [InboxService, ViewsService],
})
export class InboxModule {}
