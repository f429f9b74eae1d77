import { ApiProperty } from '@nestjs/swagger';
import { isZone } from '@sirene/core/base/zones';
import type { Policy } from '@sirene/core/behaviour';
import {
  IsIn,
  IsInt,
  Max,
  Min,
  registerDecorator,
  ValidateIf,
  type ValidationOptions,
} from 'class-validator';

const Limit = (): PropertyDecorator => (target, key) => {
  ValidateIf((_, value) => value !== null)(target, key);
  IsInt()(target, key);
  Min(1)(target, key);
  Max(1000)(target, key);
};

/** How much a site's widgets may interrupt together. */
export class PolicyDto implements Policy {
  /** Seconds between the end of one interruption and the next. */
  @ApiProperty()
  @IsInt()
  @Min(0)
  @Max(86_400)
  quietGap: number;

  /** The most interruptions on one page; null is no limit. */
  @ApiProperty({ type: Number, nullable: true })
  @Limit()
  perPage: number | null;

  /** The most interruptions in one visit; null is no limit. */
  @ApiProperty({ type: Number, nullable: true })
  @Limit()
  perVisit: number | null;

  /** Whether one that has to wait appears later on the page, or not on this page at all. */
  @ApiProperty({ enum: ['later', 'never'] })
  @IsIn(['later', 'never'])
  waiting: 'later' | 'never';
}

/** A name of the IANA time zone database. */
export const IsZone =
  (options?: ValidationOptions): PropertyDecorator =>
  (target, propertyName) =>
    registerDecorator({
      name: 'isZone',
      target: target.constructor,
      propertyName: String(propertyName),
      options: { message: 'must be a time zone, such as Europe/London', ...options },
      validator: {
        validate: (value: unknown) => typeof value === 'string' && value.length <= 60 && isZone(value),
      },
    });
