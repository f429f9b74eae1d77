import { applyDecorators } from '@nestjs/common';
import { ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { IsInt, IsString, Matches, Max, MaxLength, Min } from 'class-validator';
import { cursorPattern } from './cursor.js';
import { MayBeLeftOut } from './may-be-left-out.js';

/** `after` of a list that is read a page at a time. */
export const After = (): PropertyDecorator =>
  applyDecorators(
    ApiPropertyOptional({
      description: 'Only those after this place in the list: `next` of the page before',
    }),
    MayBeLeftOut(),
    Matches(cursorPattern, { message: 'must be the “next” of a page of this list' }),
  );

/** `limit` of a list that is read a page at a time: how many, 50 where nothing is said. */
export const PageLimit = (): PropertyDecorator =>
  applyDecorators(
    ApiPropertyOptional({ default: 50 }),
    MayBeLeftOut(),
    Type(() => Number),
    IsInt(),
    Min(1),
    Max(200),
  );

/** A moment of a query that may be left out, ms since 1970. */
export const Moment = (description: string): PropertyDecorator =>
  applyDecorators(
    ApiPropertyOptional({ description }),
    MayBeLeftOut(),
    Type(() => Number),
    IsInt(),
    Min(0),
    Max(8.64e15),
  );

/** A text of a query that may be left out. */
export const QueryText = (description: string, longest = 200): PropertyDecorator =>
  applyDecorators(ApiPropertyOptional({ description }), MayBeLeftOut(), IsString(), MaxLength(longest));
