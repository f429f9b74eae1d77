import { ApiProperty } from '@nestjs/swagger';
import { IsIn } from 'class-validator';
import { roles, type SiteRole } from '../../accounts/accounts.entity.js';

export class RoleDto {
  @ApiProperty({ enum: roles })
  @IsIn(roles)
  role: SiteRole;
}
