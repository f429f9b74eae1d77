import { Controller, Get, Module, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { FastifyReply } from 'fastify';
import { Public } from '../accounts/permission.js';
import { version } from '../version.js';
import { HealthService } from './health.service.js';
import { Answers } from '../shared/answers.js';
import { health } from './health.answers.js';

@ApiTags('health')
@Controller('health')
class HealthController {
  constructor(private readonly health: HealthService) {}

  @Answers('200 while requests can be read and written; 503 with the reason while they can’t.', health)
  @Public()
  @Get()
  async read(@Res({ passthrough: true }) reply: FastifyReply) {
    const database = await this.health.database();
    const works = database === 'ok';
    void reply.status(works ? 200 : 503).header('cache-control', 'no-store');
    return { status: works ? 'ok' : 'failing', version, database };
  }
}

@Module({ controllers: [HealthController], providers: [HealthService] })
export class HealthModule {}
