import { Global, Module } from '@nestjs/common';
import { Vault } from './vault.service.js';

@Global()
@Module({ providers: [Vault], exports: [Vault] })
export class VaultModule {}
