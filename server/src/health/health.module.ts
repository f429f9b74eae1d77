import { Controller, Get, Module } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { DataSource } from 'typeorm';
import { Public } from '../accounts/session.guard.js';
import { version } from '../version.js';

@ApiTags('health')
@Controller('health')
class HealthController {
  constructor(private readonly dataSource: DataSource) {}

  @Public()
  @Get()
  async health() {
    await this.dataSource.query('SELECT 1 FROM site LIMIT 1');
    return { status: 'ok', version, database: 'ok' };
  }
}

@Module({ controllers: [HealthController] })
export class HealthModule {}
