import type { ClassJson } from '@lotus-steady/core';
import { AdaptBody, CuesBody, HomeBody, HomeSheetQuery, PlanBody } from '@lotus-steady/requests';
import {
  BadRequestException,
  Body,
  Controller,
  Get,
  Header,
  HttpCode,
  Param,
  ParseIntPipe,
  Post,
  Query,
  StreamableFile,
} from '@nestjs/common';
import { ApiQuery, ApiTags } from '@nestjs/swagger';
import type { Teacher } from '@lotus-steady/requests';
import { IdPipe } from '../guards/id.pipe.js';
import { CurrentTeacher } from '../auth/session.guard.js';
import { PlansService } from './plans.service.js';

const OPTIONAL_ID = new ParseIntPipe({
  optional: true,
  exceptionFactory: () => new BadRequestException('Ask for sequence and person by their numbers'),
});

@ApiTags('plans')
@Controller('api')
export class PlansController {
  constructor(private readonly plans: PlansService) {}

  @Get('plans')
  @ApiQuery({ name: 'sequence', required: false })
  @ApiQuery({ name: 'person', required: false })
  list(
    @CurrentTeacher() { id }: Teacher,
    @Query('sequence', OPTIONAL_ID) sequence?: number,
    @Query('person', OPTIONAL_ID) person?: number,
  ) {
    return this.plans.list(id, sequence ?? null, person ?? null);
  }

  @Post('plans')
  create(@CurrentTeacher() { id }: Teacher, @Body() body: PlanBody) {
    return this.plans.create(id, body);
  }

  @Get('plans/:plan')
  read(@CurrentTeacher() { id }: Teacher, @Param('plan', IdPipe) plan: number) {
    return this.plans.read(id, plan);
  }

  @Post('cues')
  @HttpCode(200)
  cues(@CurrentTeacher() { id }: Teacher, @Body() body: CuesBody) {
    return this.plans.cues(id, body);
  }

  @Post('home')
  @HttpCode(200)
  home(@CurrentTeacher() { id }: Teacher, @Body() body: HomeBody) {
    return this.plans.home(id, body);
  }

  /** What somebody does at home with a sequence, as a PDF. */
  @Get('people/:person/home/:sequence')
  @Header('content-type', 'application/pdf')
  async homePdf(
    @CurrentTeacher() { id }: Teacher,
    @Param('person', IdPipe) person: number,
    @Param('sequence', IdPipe) sequence: number,
    @Query() query: HomeSheetQuery,
  ): Promise<StreamableFile> {
    return new StreamableFile(await this.plans.homePdf(id, person, sequence, query));
  }

  @Post('adapt')
  @HttpCode(200)
  adapt(@CurrentTeacher() { id }: Teacher, @Body() body: AdaptBody): Promise<ClassJson> {
    return this.plans.answer(id, body);
  }
}
