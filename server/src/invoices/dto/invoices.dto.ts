import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { currencies } from '@sirene/core/base/money';
import { invoiceUnits, seriesProblem, type InvoiceUnit } from '@sirene/core/invoice';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsBoolean,
  IsEmail,
  IsIn,
  IsInt,
  IsISO8601,
  IsNumber,
  IsObject,
  IsString,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
  Validate,
  ValidateIf,
  ValidateNested,
  ValidatorConstraint,
  type ValidationArguments,
  type ValidatorConstraintInterface,
} from 'class-validator';
import { Each } from '../../shared/each.js';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';

const units = Object.keys(invoiceUnits) as InvoiceUnit[];
const mostUnits = 1e11;

export class PartyDto {
  @ApiProperty()
  @IsString()
  @MaxLength(200)
  name: string;

  @ApiProperty()
  @ValidateIf((_, value) => value !== '')
  @IsEmail({}, { message: 'must be an e-mail address' })
  @MaxLength(254)
  email: string;

  @ApiProperty()
  @IsString()
  @MaxLength(200)
  street: string;

  @ApiProperty()
  @IsString()
  @MaxLength(20)
  postcode: string;

  @ApiProperty()
  @IsString()
  @MaxLength(100)
  city: string;

  @ApiProperty({ description: 'ISO 3166-1, two letters' })
  @Matches(/^[A-Z]{2}$/, { message: 'must be a country of two letters, such as DE' })
  country: string;

  @ApiProperty({ description: 'The VAT number; empty where there is none' })
  @Matches(/^[A-Z0-9]{0,20}$/, { message: 'must be a VAT number such as DE123456789' })
  taxId: string;
}

export class SellerDto extends PartyDto {
  @ApiProperty({ description: 'Where it is paid to; empty where that is not said' })
  @Matches(/^([A-Z]{2}\d{2}[A-Z0-9]{11,30})?$/, { message: 'must be an IBAN without spaces' })
  iban: string;

  @ApiProperty({ description: 'Why no tax is due, where a rate is 0' })
  @IsString()
  @MaxLength(300)
  exemption: string;

  @ApiProperty({ description: 'The footer of each invoice' })
  @IsString()
  @MaxLength(1000)
  foot: string;
}

export class ItemDto {
  @ApiProperty()
  @IsString()
  @Length(1, 300)
  name: string;

  @ApiProperty({ enum: units, description: 'UN/ECE Recommendation 20' })
  @IsIn(units)
  unit: InvoiceUnit;

  @ApiProperty({ description: 'For one, without tax, in the smallest unit of the currency' })
  @IsInt()
  @Min(-mostUnits)
  @Max(mostUnits)
  price: number;

  @ApiProperty({ description: 'Percent' })
  @IsNumber({ maxDecimalPlaces: 2 })
  @Min(0)
  @Max(100)
  rate: number;
}

export class LineDto extends ItemDto {
  @ApiProperty()
  @IsNumber({ maxDecimalPlaces: 3 })
  @Min(-100_000)
  @Max(100_000)
  quantity: number;
}

export class NewInvoiceDto {
  @ApiProperty({ description: 'The person whom it is for' })
  @IsString()
  @Length(1, 60)
  person: string;
}

export class InvoiceDto {
  @ApiProperty({ type: PartyDto })
  @IsObject()
  @ValidateNested()
  @Type(() => PartyDto)
  buyer: PartyDto;

  @ApiProperty({ type: [LineDto] })
  @ArrayMaxSize(200)
  @Each(() => LineDto)
  lines: LineDto[];

  @ApiProperty({ description: 'ISO 4217' })
  @IsIn(currencies, { message: 'must be a currency in use, such as EUR' })
  currency: string;

  @ApiProperty({ description: 'ISO 8601' })
  @Matches(/^\d{4}-\d\d-\d\d$/, { message: 'must be a date such as 2027-01-12' })
  @IsISO8601({ strict: true }, { message: 'must be a date such as 2027-01-12' })
  dueOn: string;

  @ApiProperty()
  @IsString()
  @MaxLength(2000)
  note: string;
}

export class PaidDto {
  @ApiProperty()
  @IsBoolean()
  paid: boolean;
}

export class SendInvoiceDto {
  @ApiPropertyOptional({ description: 'What the mail says; what it always says where it is left out' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(4000)
  text?: string;
}

@ValidatorConstraint({ name: 'series' })
class Series implements ValidatorConstraintInterface {
  validate(value: unknown): boolean {
    return typeof value === 'string' && seriesProblem(value) === null;
  }

  defaultMessage({ value }: ValidationArguments): string {
    return typeof value === 'string' ? (seriesProblem(value) ?? '') : 'must be a text';
  }
}

export class InvoiceSettingsDto {
  @ApiProperty({ type: SellerDto })
  @IsObject()
  @ValidateNested()
  @Type(() => SellerDto)
  seller: SellerDto;

  @ApiProperty({ type: [ItemDto], description: 'The catalogue that lines are taken from' })
  @ArrayMaxSize(200)
  @Each(() => ItemDto)
  items: ItemDto[];

  @ApiProperty({ description: 'How numbers are written: LO-{year}-{number:4}' })
  @Validate(Series)
  series: string;

  @ApiProperty({ description: 'The number that the next invoice gets' })
  @IsInt()
  @Min(1)
  @Max(1e9)
  next: number;

  @ApiProperty({ description: 'Days until an invoice is due' })
  @IsInt()
  @Min(0)
  @Max(365)
  dueDays: number;

  @ApiProperty({ description: 'ISO 4217' })
  @IsIn(currencies, { message: 'must be a currency in use, such as EUR' })
  currency: string;
}
