import {
  asanaJson,
  asanasJson,
  checkAnswers,
  CONDITIONS,
  conditionsJson,
  CONTRACT,
  findCondition,
  library,
  limitJson,
  limitsOf,
  parameterSpec,
  readAnswer,
  type ConditionAnswer,
} from '@lotus-steady/core';
import { lessonFor, lessonProblem, SPACES, type LessonAsked } from '@lotus-steady/core/lessons';
import { LessonSheetQuery, type Teacher } from '@lotus-steady/requests';
import { Controller, Get, Header, NotFoundException, Param, Query, StreamableFile } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { CurrentTeacher } from '../auth/session.guard.js';
import { WorkService } from '../work/work.service.js';
import { unusable } from '../problems/unusable.js';

/** The terminal's `asanas`, `measure`, `conditions` and `limits` through HTTP. */
@ApiTags('knowledge')
@Controller('api')
export class KnowledgeController {
  constructor(private readonly work: WorkService) {}

  @Get('asanas')
  asanas() {
    return asanasJson(library);
  }

  @Get('asanas/:asana')
  async asana(@CurrentTeacher() { id: teacherId }: Teacher, @Param('asana') id: string) {
    const asana = library.find(id);
    if (!asana) throw new NotFoundException(`No asana "${id}"`);
    return {
      contract: CONTRACT,
      ...asanaJson(asana),
      measured: await this.work.run('measure', asana.id, teacherId),
    };
  }

  /** A lesson for children: nobody's record is asked for. */
  @Get('lesson')
  lesson(@Query() query: Readonly<Partial<Record<string, string>>>) {
    return { contract: CONTRACT, ...lessonFor(library, lessonAsked(query)) };
  }

  /** The same on paper, as a PDF. */
  @Get('lesson/sheet')
  @Header('content-type', 'application/pdf')
  async lessonPdf(@CurrentTeacher() { id }: Teacher, @Query() { paper, large, ...query }: LessonSheetQuery): Promise<StreamableFile> {
    const asked = lessonAsked(query);
    return new StreamableFile(await this.work.run('lessonPdf', { asked, print: { paper, large } }, id));
  }

  @Get('conditions')
  conditions() {
    return conditionsJson(CONDITIONS);
  }

  @Get('limits/:condition')
  limits(@Param('condition') id: string, @Query() query: Record<string, string>) {
    const condition = findCondition(id);
    if (!condition) throw new NotFoundException(`No condition "${id}"`);
    const answers = Object.entries(query).map(([name, text]) => {
      const spec = parameterSpec(condition, name);
      return [name, spec ? readAnswer(spec, String(text)) : String(text)] as const;
    });
    const answer: ConditionAnswer = { ...Object.fromEntries(answers), id };
    const problems = checkAnswers(answer);
    if (problems.length > 0) throw unusable(problems);
    return { contract: CONTRACT, condition: id, stages: condition.stagesOf(answer), limits: limitsOf(condition, answer).map(limitJson) };
  }
}

/** @throws UnprocessableEntityException naming what is no lesson. */
function lessonAsked({ age, minutes, space = 'mats', children, theme }: Readonly<Partial<Record<string, string | number>>>): LessonAsked {
  const known = SPACES.find((one) => one === space);
  const asked = {
    age: Number(age),
    minutes: Number(minutes),
    space: known ?? 'mats',
    ...(children !== undefined && { children: Number(children) }),
    ...(theme !== undefined && { theme: String(theme) }),
  };
  const problem = known ? lessonProblem(asked) : `space is "${space}"; expected ${SPACES.join(', ')}`;
  if (problem) throw unusable([{ field: problem.split(' ')[0]!, message: problem }]);
  return asked;
}
