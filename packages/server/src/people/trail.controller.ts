import type { AuditEntry, Teacher } from '@lotus-steady/requests';
import { BadRequestException, Controller, Get, ParseIntPipe, Query } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { ApiQuery, ApiTags } from '@nestjs/swagger';
import { AuditService } from '../audit/audit.service.js';
import { CurrentTeacher } from '../auth/session.guard.js';
import { PersonRow } from './person.row.js';

/** What was done to whose record, and to the account. */
@ApiTags('audit')
@Controller('api/audit')
export class TrailController {
  constructor(
    private readonly audit: AuditService,
    @InjectModel(PersonRow) private readonly people: typeof PersonRow,
  ) {}

  /** A hundred entries, the latest first; `before` is the number of the last one that is known. */
  @Get()
  @ApiQuery({ name: 'before', required: false })
  async page(
    @CurrentTeacher() { id: teacherId }: Teacher,
    @Query(
      'before',
      new ParseIntPipe({ optional: true, exceptionFactory: () => new BadRequestException('before is no number of an entry') }),
    )
    before?: number,
  ): Promise<AuditEntry[]> {
    const entries = await this.audit.page(teacherId, before ?? null);
    const people = await this.people.findAll({ attributes: ['id', 'name'], where: { teacherId } });
    const names = new Map(people.map(({ id, name }) => [id, name]));
    return entries.map((entry) => ({ ...entry, name: entry.personId === null ? null : (names.get(entry.personId) ?? null) }));
  }
}
