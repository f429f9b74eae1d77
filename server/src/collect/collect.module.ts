import { Module } from '@nestjs/common';
import { ActionsModule } from '../actions/actions.module.js';
import { CollectController } from './collect.controller.js';
import { CollectService } from './collect.service.js';

@Module({ imports: [ActionsModule], controllers: [CollectController], providers: [CollectService] })
export class CollectModule {}
