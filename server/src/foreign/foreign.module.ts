import { Global, Module } from '@nestjs/common';
import { WorkerPool } from './worker-pool.js';

@Global()
@Module({ providers: [WorkerPool], exports: [WorkerPool] })
export class ForeignModule {}
