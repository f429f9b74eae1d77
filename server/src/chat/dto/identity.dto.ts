import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsIn, IsString, MaxLength } from 'class-validator';
import { MayBeLeftOut } from '../../shared/may-be-left-out.js';

export const identityAlgorithms = ['HS256', 'EdDSA'] as const;

export class IdentityKeyDto {
  @ApiProperty({
    enum: identityAlgorithms,
    description: 'With HS256 a new secret is made, with EdDSA the public key is taken',
  })
  @IsIn(identityAlgorithms)
  algorithm: (typeof identityAlgorithms)[number];

  @ApiPropertyOptional({ description: 'For EdDSA: an Ed25519 public key in PEM' })
  @MayBeLeftOut()
  @IsString()
  @MaxLength(2000)
  publicKey?: string;
}
