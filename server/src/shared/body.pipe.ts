import { ValidationPipe, type ValidationError } from '@nestjs/common';
import { validateSync, type ValidatorOptions } from 'class-validator';
import { refusal } from './problems.js';

/** Checks every body and query by its class: unknown fields refused, each fault named. */
export class BodyPipe extends ValidationPipe {
  constructor() {
    super({
      transform: true,
      whitelist: true,
      forbidNonWhitelisted: true,
      forbidUnknownValues: true,
      stopAtFirstError: true,
      exceptionFactory: refusal,
    });
  }

  // No rule of ours waits for anything, and promises for each were a twentieth of a submission's time.
  protected override validate(object: object, options?: ValidatorOptions): ValidationError[] {
    return validateSync(object, options);
  }
}
