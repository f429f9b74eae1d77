import { BadRequestException } from '@nestjs/common';
import { longestMessage } from '@sirene/core/chat';
import { paymentIntervals, type PaymentInterval } from '@sirene/core/actions';
import { currencies } from '@sirene/core/base/money';
import { isGroup } from '@sirene/core/base/maps';
import { Type, plainToInstance } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  Equals,
  IsArray,
  IsBase64,
  IsBoolean,
  IsEmail,
  IsIn,
  IsInt,
  IsObject,
  IsString,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
  validateSync,
} from 'class-validator';
import { MayBeLeftOut } from '../shared/may-be-left-out.js';
import { conversationStates } from '../chat/chat.entity.js';
import { AddCodesDto } from '../codes/dto/codes.dto.js';
import { StorePageDto } from '../pages/dto/page.dto.js';
import { Each } from '../shared/each.js';
import { refusal } from '../shared/problems.js';
import { paymentStates, type PaymentState } from '../payments/payments.entity.js';
import { IsZone, PolicyDto } from '../sites/dto/policy.dto.js';
import { InvoiceSettingsDto, LineDto } from '../invoices/dto/invoices.dto.js';
import { entryStates, type EntryState } from '../lists/lists.entity.js';
import { CreateSiteDto } from '../sites/dto/site.dto.js';

class ArchivedSite extends CreateSiteDto {
  @Matches(/^[a-z0-9][a-z0-9-]{1,59}$/, { message: 'must be small letters, digits and dashes' })
  key: string;

  @IsObject()
  brand: Record<string, unknown>;

  @MayBeLeftOut()
  @IsZone()
  zone?: string;

  @MayBeLeftOut()
  @IsObject()
  @ValidateNested()
  @Type(() => PolicyDto)
  policy?: PolicyDto;

  /** Whether members of the site may write to each other. */
  @MayBeLeftOut()
  @IsBoolean()
  memberChat?: boolean;
}

class ArchivedAsset {
  @Matches(/^[a-z0-9-]{1,60}$/, { message: 'must be small letters, digits and dashes' })
  name: string;

  @IsString()
  @Length(1, 200)
  file: string;

  @IsBase64()
  @MaxLength(60_000_000)
  content: string;
}

/** Counts of one day, `ago` days before the import. */
class ArchivedCount {
  @IsInt()
  @Min(0)
  @Max(4000)
  ago: number;

  @IsInt()
  @Min(0)
  shown: number;

  @IsInt()
  @Min(0)
  closed: number;

  @IsInt()
  @Min(0)
  submitted: number;
}

class ArchivedWidget {
  @IsString()
  @Length(1, 120)
  name: string;

  /** Checked by core's schema when the widget is made of it. */
  @IsObject()
  document: Record<string, unknown>;

  @IsBoolean()
  publish: boolean;

  @ArrayMaxSize(4000)
  @Each(() => ArchivedCount)
  counts: ArchivedCount[];
}

class ArchivedField {
  @Matches(/^[a-z][a-z0-9_-]{0,39}$/, { message: 'must be the key of a field' })
  key: string;

  @IsString()
  @MaxLength(300)
  label: string;

  @IsString()
  @MaxLength(64_000)
  value: string;
}

/** How its sender came to stand to a mailing list. */
class ArchivedEntry {
  @IsString()
  @Length(1, 80)
  name: string;

  @IsIn(entryStates)
  state: EntryState;
}

/** The lead that it became. */
class ArchivedLead {
  @IsString()
  @Length(1, 60)
  stage: string;

  @IsString()
  @Length(1, 200)
  title: string;

  @MayBeLeftOut()
  @IsInt()
  @Min(0)
  units?: number;

  @IsIn(currencies)
  currency: string;

  /** Days after the import. */
  @MayBeLeftOut()
  @IsInt()
  @Min(-4000)
  @Max(4000)
  due?: number;
}

/** What was to be paid with it, and what became of that. */
class ArchivedPayment {
  @IsInt()
  @Min(1)
  @Max(1e9)
  units: number;

  @IsIn(currencies)
  currency: string;

  @IsIn(Object.keys(paymentIntervals))
  interval: PaymentInterval;

  @IsString()
  @Length(1, 200)
  description: string;

  @IsIn(paymentStates)
  state: PaymentState;
}

/** The invoice that its sender got, a day later; its number is the next of the series. */
class ArchivedInvoice {
  @ArrayMaxSize(200)
  @Each(() => LineDto)
  lines: LineDto[];

  @IsBoolean()
  paid: boolean;
}

export class ArchivedSubmission {
  /** Name of the widget in this archive. */
  @IsString()
  @MaxLength(120)
  widget: string;

  @Matches(/^[0-9a-f]{32}$/, { message: 'must be 32 hexadecimal digits' })
  id: string;

  /** ms before the import. */
  @IsInt()
  @Min(0)
  ago: number;

  @ArrayMaxSize(200)
  @Each(() => ArchivedField)
  fields: ArchivedField[];

  @IsString()
  @MaxLength(2048)
  page: string;

  @IsString()
  @MaxLength(300)
  pageTitle: string;

  @IsArray()
  @ArrayMaxSize(50)
  @IsEmail({}, { each: true })
  delivered: string[];

  @MayBeLeftOut()
  @IsObject()
  @ValidateNested()
  @Type(() => ArchivedEntry)
  list?: ArchivedEntry;

  @MayBeLeftOut()
  @IsObject()
  @ValidateNested()
  @Type(() => ArchivedLead)
  lead?: ArchivedLead;

  @MayBeLeftOut()
  @IsObject()
  @ValidateNested()
  @Type(() => ArchivedPayment)
  payment?: ArchivedPayment;

  @MayBeLeftOut()
  @IsObject()
  @ValidateNested()
  @Type(() => ArchivedInvoice)
  invoice?: ArchivedInvoice;

  /** What was written down about its sender. */
  @MayBeLeftOut()
  @IsString()
  @Length(1, 5000)
  note?: string;
}

/** One message of a conversation. */
export class ArchivedMessage {
  @IsIn(['visitor', 'desk', 'note'])
  from: 'visitor' | 'desk' | 'note';

  @IsString()
  @Length(1, longestMessage)
  text: string;

  /** How long after the one before it was written, ms. */
  @IsInt()
  @Min(0)
  @Max(86_400_000)
  after: number;
}

/** What one visitor and the desk wrote each other. */
export class ArchivedConversation {
  /** The widget by its name. */
  @IsString()
  @Length(1, 120)
  widget: string;

  /** How long ago it began, ms. */
  @IsInt()
  @Min(0)
  @Max(1e12)
  ago: number;

  @IsString()
  @MaxLength(120)
  name: string;

  @IsString()
  @MaxLength(254)
  email: string;

  @IsString()
  @MaxLength(2048)
  page: string;

  @IsString()
  @MaxLength(300)
  pageTitle: string;

  @IsIn(conversationStates)
  state: (typeof conversationStates)[number];

  @ArrayMinSize(1)
  @ArrayMaxSize(1000)
  @Each(() => ArchivedMessage)
  messages: ArchivedMessage[];
}

/** A whole site as one JSON text: how the demo, and later a move between installations, brings one in. */
export class SiteArchive {
  @Equals('sirene-site')
  format: string;

  @Equals(1)
  version: number;

  @ValidateNested()
  @IsObject()
  @Type(() => ArchivedSite)
  site: ArchivedSite;

  /** Uploads, base64. Brand and widgets name them as `asset:@` and their name here. */
  @MayBeLeftOut()
  @ArrayMaxSize(1000)
  @Each(() => ArchivedAsset)
  assets?: ArchivedAsset[];

  @ArrayMaxSize(1000)
  @Each(() => StorePageDto)
  pages: StorePageDto[];

  @ArrayMaxSize(2000)
  @Each(() => ArchivedWidget)
  widgets: ArchivedWidget[];

  /** Pools of codes that are given out once each; none of them is given yet. */
  @MayBeLeftOut()
  @ArrayMaxSize(100)
  @Each(() => AddCodesDto)
  codes?: AddCodesDto[];

  /** How the site writes its invoices. */
  @MayBeLeftOut()
  @IsObject()
  @ValidateNested()
  @Type(() => InvoiceSettingsDto)
  invoicing?: InvoiceSettingsDto;

  @ArrayMaxSize(1_000_000)
  @Each(() => ArchivedSubmission)
  submissions: ArchivedSubmission[];

  @MayBeLeftOut()
  @ArrayMaxSize(100_000)
  @Each(() => ArchivedConversation)
  conversations?: ArchivedConversation[];
}

/**
 * Reads an archive by the rules that requests are read by: what an archive brings in is no safer than what a person
 * sends.
 *
 * @throws BadRequestException that names each fault
 */
export function readArchive(input: unknown): SiteArchive {
  if (!isGroup(input)) throw new BadRequestException('The archive must be a JSON object.');
  const archive = plainToInstance(SiteArchive, input);
  const faults = validateSync(archive, {
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: true,
    stopAtFirstError: true,
  });
  if (faults.length > 0) throw refusal(faults);
  return archive;
}
