import { Module } from '@nestjs/common';
import { FilesModule } from '../files/files.module.js';
import { PeopleController } from './people.controller.js';
import { PeopleService } from './people.service.js';
import { PersonsController } from './persons.controller.js';
import { PersonsExportController } from './persons-export.controller.js';
import { PersonsService } from './persons.service.js';

@Module({
  imports: [FilesModule],
  controllers: [PeopleController, PersonsController, PersonsExportController],
  providers: [PeopleService, PersonsService],
})
export class PeopleModule {}
