import { Module } from '@nestjs/common';
import { ActionsModule } from '../actions/actions.module.js';
import { FilesModule } from '../files/files.module.js';
import { CollectController } from './collect.controller.js';
import { HeldController } from './held.controller.js';
import { CollectService } from './collect.service.js';
import { SubmissionStore } from './submission-store.js';

@Module({
  imports: [ActionsModule, FilesModule],
  controllers: [CollectController, HeldController],
  providers: [CollectService, SubmissionStore],
  exports: [CollectService],
})
export class CollectModule {}
