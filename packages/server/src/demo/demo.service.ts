import { databaseOf } from '../database/in-transaction.js';
import { randomBytes } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { hash } from '@node-rs/argon2';
import { getKnown, library, notesReader, USUAL_FIGURES } from '@lotus-steady/core';
import { alone } from '../database/alone.js';
import { TeacherRow } from '../auth/teacher.row.js';
import { ClassesService } from '../classes/classes.service.js';
import { PersonRow } from '../people/person.row.js';
import { ReadingRow } from '../people/reading.row.js';
import { SequenceRow } from '../sequences/sequence.row.js';
import { DEMO_CLASS, DEMO_TEACHER, demoPeople, demoReadings } from './people.js';
import { DEMO_SEQUENCES } from './sequences.js';
import { shifted } from '@lotus-steady/requests';
import { today } from '../today.js';

@Injectable()
export class DemoService {
  constructor(
    @InjectModel(TeacherRow) private readonly teachers: typeof TeacherRow,
    @InjectModel(PersonRow) private readonly people: typeof PersonRow,
    @InjectModel(ReadingRow) private readonly readings: typeof ReadingRow,
    @InjectModel(SequenceRow) private readonly sequences: typeof SequenceRow,
    private readonly classes: ClassesService,
  ) {}

  /** Loads the invented hall into an installation that has no teacher yet; otherwise does nothing. */
  async loadOnce(): Promise<void> {
    // Nobody signs in to the demo with a password, so nobody has to know it.
    const passwordHash = await hash(randomBytes(24).toString('base64url'));
    const readSequence = notesReader(library);
    const teacherId = await alone(databaseOf(this.teachers), 'demo', async (transaction) => {
      if (await this.teachers.findOne({ transaction })) return null;
      const teacher = await this.teachers.create({ name: DEMO_TEACHER, passwordHash, demo: true }, { transaction });
      const owned = { teacherId: teacher.id, version: 1 };
      const people = await this.people.bulkCreate(
        demoPeople(today()).map((person) => ({ ...person, ...owned })),
        { transaction },
      );
      const ids = new Map(people.map(({ name, id }) => [name, id]));
      await this.readings.bulkCreate(
        demoReadings(today()).map(({ name, ...reading }) => ({ ...reading, personId: getKnown(ids, name) })),
        { transaction },
      );
      await this.sequences.bulkCreate(
        DEMO_SEQUENCES.map((text) => ({ ...owned, text, title: readSequence(text).sequence?.title ?? '' })),
        { transaction },
      );
      return teacher.id;
    });
    if (teacherId !== null) await this.keepLastWeek(teacherId);
  }

  /** Last week's class, to be planned again. */
  private async keepLastWeek(teacherId: number): Promise<void> {
    const { id: sequenceId, text } = await this.sequences.findOne({ where: { teacherId }, order: ['id'], rejectOnEmpty: true });
    const people = await this.people.findAll({ where: { teacherId, name: [...DEMO_CLASS] }, order: ['id'] });
    await this.classes.create(teacherId, {
      sequenceId,
      text,
      day: shifted(today(), -7),
      personIds: people.map(({ id }) => id),
      figures: USUAL_FIGURES,
      pins: [],
    });
  }
}
