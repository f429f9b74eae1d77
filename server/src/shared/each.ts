import { applyDecorators } from '@nestjs/common';
import { Type } from 'class-transformer';
import { IsArray, IsObject, ValidateNested } from 'class-validator';

/**
 * A list of objects of one class. A list inside the list is refused: class-validator looks through it, and finds nothing
 * wrong with what is in there.
 */
export const Each = (type: () => new () => object): PropertyDecorator =>
  applyDecorators(IsArray(), IsObject({ each: true }), ValidateNested({ each: true }), Type(type));
