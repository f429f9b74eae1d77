import { Global, Module } from '@nestjs/common';
import { GuardedFetch } from './guarded-fetch.js';

/** The way out of this server. */
@Global()
@Module({ providers: [GuardedFetch], exports: [GuardedFetch] })
export class NetModule {}
