import { Module } from '@nestjs/common';
import { InvitationsController } from './invitations.controller.js';
import { MembersController } from './members.controller.js';
import { MembersService } from './members.service.js';

@Module({ controllers: [MembersController, InvitationsController], providers: [MembersService] })
export class MembersModule {}
