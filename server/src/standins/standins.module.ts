import { Module } from '@nestjs/common';
import { MailSink } from './mail-sink.js';
import { StandinsController } from './standins.controller.js';

@Module({ controllers: [StandinsController], providers: [MailSink], exports: [MailSink] })
export class StandinsModule {}
