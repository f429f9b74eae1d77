import { Module } from '@nestjs/common';
import { SearchModule } from '../search/search.module.js';
import { FilesModule } from '../files/files.module.js';
import { PeopleController } from './people.controller.js';
import { PeopleService } from './people.service.js';
import { PersonsController } from './persons.controller.js';
import { PersonsExportController } from './persons-export.controller.js';
import { PersonsService } from './persons.service.js';
import { MergeService } from './merge.service.js';
import { RemovalService } from './removal.service.js';
import { RetentionController } from './retention.controller.js';
import { RetentionService } from './retention.service.js';

@Module({
  imports: [FilesModule, SearchModule],
  controllers: [PeopleController, PersonsController, PersonsExportController, RetentionController],
  providers: [PeopleService, PersonsService, MergeService, RetentionService, RemovalService],
  exports: [RemovalService],
})
export class PeopleModule {}
