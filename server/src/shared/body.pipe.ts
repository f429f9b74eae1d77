import {
  BadRequestException,
  ValidationPipe,
  type ArgumentMetadata,
  type ValidationError,
} from '@nestjs/common';
import { validateSync, type ValidatorOptions } from 'class-validator';
import { refusal } from './problems.js';

/** How deep a body may be nested. Documents and token files need a dozen levels; a stack bears some thousands. */
const deepest = 64;

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

  override async transform(value: unknown, metadata: ArgumentMetadata): Promise<unknown> {
    if (isDeeperThan(deepest, value))
      throw new BadRequestException(`The body is nested more than ${deepest} levels deep.`);
    return super.transform(value, metadata) as Promise<unknown>;
  }

  // No rule of ours waits for anything, and promises for each were a twentieth of a submission's time.
  protected override validate(object: object, options?: ValidatorOptions): ValidationError[] {
    return validateSync(object, options);
  }
}

const isObject = (value: unknown): value is object => typeof value === 'object' && value !== null;

// Level by level: what is to be kept from overflowing the stack must not be walked on it.
function isDeeperThan(levels: number, value: unknown): boolean {
  let level = isObject(value) ? [value] : [];
  for (let depth = 0; depth <= levels; depth++) {
    if (level.length === 0) return false;
    const next: object[] = [];
    for (const one of level)
      for (const inner of Object.values(one) as unknown[]) if (isObject(inner)) next.push(inner);
    level = next;
  }
  return true;
}
