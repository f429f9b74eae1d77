import { Module } from '@nestjs/common';
import { FilesModule } from '../files/files.module.js';
import { PeopleController } from './people.controller.js';
import { PeopleService } from './people.service.js';
import { PersonsController } from './persons.controller.js';
import { PersonsExportController } from './persons-export.controller.js';
import { PersonsService } from './persons.service.js';
import { RetentionController } from './retention.controller.js';
import { RetentionService } from './retention.service.js';

@Module({
  imports: [FilesModule],
  controllers: [PeopleController, PersonsController, PersonsExportController, RetentionController],
  providers: [PeopleService, PersonsService, RetentionService],
})
export class PeopleModule {}
