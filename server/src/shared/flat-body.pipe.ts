import { BadRequestException, Injectable, type PipeTransform, type Type } from '@nestjs/common';
import { getMetadataStorage, validateSync } from 'class-validator';
import { refusal } from './problems.js';

/**
 * Checks a body whose class has no classes inside it, by the same rules and with the same answers as `BodyPipe`. Without
 * the general transformation it takes a fifth of the time; meant for what visitors send thousands of times.
 */
@Injectable()
export class FlatBodyPipe<T extends object> implements PipeTransform<unknown, T> {
  readonly #known: Set<string>;

  constructor(private readonly type: Type<T>) {
    const rules = getMetadataStorage().getTargetValidationMetadatas(type, '', false, false);
    this.#known = new Set(rules.map(({ propertyName }) => propertyName));
  }

  transform(body: unknown): T {
    if (typeof body !== 'object' || body === null || Array.isArray(body)) {
      throw new BadRequestException('The body must be a JSON object.');
    }
    const read = new this.type();
    const unknown: string[] = [];
    for (const [key, value] of Object.entries(body)) {
      if (this.#known.has(key)) read[key as keyof T] = value as T[keyof T];
      else unknown.push(key);
    }
    const faults = validateSync(read, { forbidUnknownValues: true, stopAtFirstError: true });
    const strange = unknown
      .slice(0, 20)
      .map((property) => ({ property, constraints: { whitelistValidation: '' } }));
    if (faults.length + strange.length > 0) throw refusal([...faults, ...strange]);
    return read;
  }
}
