import { Module } from '@nestjs/common';
import { RepliesController } from './replies.controller.js';
import { RepliesService } from './replies.service.js';

/** What is often answered at the desk, by short names. */
@Module({ controllers: [RepliesController], providers: [RepliesService] })
export class RepliesModule {}
