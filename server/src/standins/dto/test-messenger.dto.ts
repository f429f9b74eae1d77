import { ApiProperty } from '@nestjs/swagger';
import { ArrayMaxSize, IsArray, IsIn, IsString, MaxLength } from 'class-validator';
import { testMessengerBehaviours } from '../standins.entity.js';

export class TestMessengerDto {
  @ApiProperty({ description: 'Where it sends what people write; empty: nowhere' })
  @IsString()
  @MaxLength(2048)
  webhookUrl: string;

  @ApiProperty({ description: 'The origins whose pages may lead to it', type: [String] })
  @IsArray()
  @ArrayMaxSize(50)
  @IsString({ each: true })
  @MaxLength(300, { each: true })
  domains: string[];

  @ApiProperty({ description: 'How it behaves', enum: testMessengerBehaviours })
  @IsIn(testMessengerBehaviours)
  behaviour: (typeof testMessengerBehaviours)[number];
}
