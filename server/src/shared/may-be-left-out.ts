import { ValidateIf } from 'class-validator';

/**
 * A field that may be left out. Not `IsOptional` of class-validator: that lets `null` by as well, which no service here
 * reads as “left out”.
 */
export const MayBeLeftOut = (): PropertyDecorator => ValidateIf((_, value) => value !== undefined);
