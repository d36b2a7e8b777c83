import { checkOwn, checkSchools } from '@lotus-steady/core';
import { dayIn, type Studio, type StudioBody } from '@lotus-steady/requests';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { TeacherRow } from '../auth/teacher.row.js';
import { unusable } from '../problems/unusable.js';

/** What a studio decides for everyone in it: positions where practitioners disagree, and limits of its own. */
@Injectable()
export class StudioService {
  constructor(@InjectModel(TeacherRow) private readonly teachers: typeof TeacherRow) {}

  async read(teacherId: number): Promise<Studio> {
    const teacher = await this.teachers.findByPk(teacherId, { rejectOnEmpty: true });
    return teacher.toStudio();
  }

  /** @throws UnprocessableEntityException naming each school or limit that can't be taken. */
  async replace(teacherId: number, { schools, limits, timeZone }: StudioBody): Promise<Studio> {
    const problems = [...checkSchools(schools), ...checkOwn(limits, [])];
    if (problems.length > 0) throw unusable(problems);
    await this.teachers.update({ studio: { schools, limits, ...(timeZone && { timeZone }) } }, { where: { id: teacherId } });
    return this.read(teacherId);
  }

  /** The studio's day, as YYYY-MM-DD. */
  async today(teacherId: number): Promise<string> {
    return dayIn((await this.read(teacherId)).timeZone);
  }
}
