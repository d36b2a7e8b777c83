import { databaseOf, inTransaction } from '../database/in-transaction.js';
import { createHash, randomBytes } from 'node:crypto';
import { ConflictException, HttpException, Inject, Injectable, NotFoundException, UnauthorizedException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { hash, verify } from '@node-rs/argon2';
import { FirstTeacherBody, PasswordBody, type InstallationState, type Teacher } from '@lotus-steady/requests';
import { Op } from 'sequelize';
import { AuditService } from '../audit/audit.service.js';
import { alone } from '../database/alone.js';
import { unusable } from '../problems/unusable.js';
import { SETTINGS, type Settings } from '../settings.js';
import { refuseWeak } from './password.js';
import { SessionRow } from './session.row.js';
import { SignInFailureRow } from './sign-in-failure.row.js';
import { TeacherRow } from './teacher.row.js';

const SESSION_DAYS = 30;
/** A session that nobody uses ends after so many hours: a tablet stays in the hall. */
const IDLE_HOURS = 12;
/** How exactly it is known when a session was used: each request would write otherwise. */
const SEEN_MS = 5 * 60_000;
/** So many tries for one name within so many minutes, whatever process or address they reach. */
const TRIES = { most: 10, minutes: 15 };

function hashToken(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}

function toTeacher({ id, name, demo }: TeacherRow): Teacher {
  return { id, name, demo };
}

/** The same name: databases take "Sécond" for "Second". */
function isSame(a: string, b: string): boolean {
  return a.normalize('NFC').localeCompare(b.normalize('NFC'), 'en', { sensitivity: 'accent' }) === 0;
}

function minutesAgo(minutes: number): Date {
  return new Date(Date.now() - minutes * 60_000);
}

@Injectable()
export class AuthService {
  constructor(
    @InjectModel(TeacherRow) private readonly teachers: typeof TeacherRow,
    @InjectModel(SessionRow) private readonly sessions: typeof SessionRow,
    @InjectModel(SignInFailureRow) private readonly failures: typeof SignInFailureRow,
    private readonly audit: AuditService,
    @Inject(SETTINGS) private readonly settings: Settings,
  ) {}

  /** Whether the first account has still to be made, and whether the demo's may be entered by one click. */
  async state(): Promise<InstallationState> {
    if (this.settings.demo) return { needsTeacher: false, demo: true, demoAddress: null };
    const owners = await this.teachers.count({ where: { demo: false } });
    return { needsTeacher: owners === 0, demo: false, demoAddress: this.settings.demoAddress };
  }

  /** @throws ConflictException when there is a teacher already: others are not let in by whoever comes by. */
  async createFirst({ name, password }: FirstTeacherBody): Promise<Teacher> {
    refuseWeak(password, name);
    const passwordHash = await hash(password);
    return alone(databaseOf(this.teachers), 'first-teacher', async (transaction) => {
      if (await this.teachers.findOne({ where: { demo: false }, transaction }))
        throw new ConflictException('There is an account already; sign in with it');
      // What was entered under the demo's account of an older installation stays, as the owner's.
      const demo = await this.teachers.findOne({ where: { demo: true }, transaction });
      const account = { name: name.trim(), passwordHash, demo: false };
      const teacher = demo ? await demo.update(account, { transaction }) : await this.teachers.create(account, { transaction });
      await this.audit.account(teacher.id, 'first-account', transaction);
      return toTeacher(teacher);
    });
  }

  /** @throws UnprocessableEntityException where the old one is wrong or the new one is weak. */
  async changePassword({ id, name }: Teacher, { old, password }: PasswordBody, token: string | null): Promise<void> {
    const teacher = await this.teachers.findByPk(id);
    if (!teacher || !(await verify(teacher.passwordHash, old)))
      throw unusable([{ field: 'old', message: 'That is not the password as it is now' }]);
    refuseWeak(password, name);
    const passwordHash = await hash(password);
    await inTransaction(this.teachers, async (transaction) => {
      await teacher.update({ passwordHash }, { transaction });
      // Whoever else is in under the old one has to sign in again.
      await this.sessions.destroy({
        where: { teacherId: id, tokenHash: { [Op.ne]: token === null ? '' : hashToken(token) } },
        transaction,
      });
      await this.audit.account(id, 'password', transaction);
    });
  }

  /** @throws UnprocessableEntityException where someone else has the name. */
  async rename(teacher: Teacher, name: string): Promise<Teacher> {
    const taken = await this.teachers.findOne({ where: { name: name.trim(), id: { [Op.ne]: teacher.id } } });
    if (taken) throw unusable([{ field: 'name', message: 'Someone else has this name' }]);
    await this.teachers.update({ name: name.trim() }, { where: { id: teacher.id } });
    return { ...teacher, name: name.trim() };
  }

  /** @throws UnauthorizedException without saying which of the two was wrong. */
  async check(name: string, password: string): Promise<Teacher> {
    const nameHash = hashToken(name.trim().normalize('NFC').toLowerCase());
    const recent = { nameHash, at: { [Op.gt]: minutesAgo(TRIES.minutes) } };
    if ((await this.failures.count({ where: recent })) >= TRIES.most)
      throw new HttpException({ statusCode: 429, message: `Too many tries for this name; wait ${TRIES.minutes} minutes` }, 429);
    const found = await this.teachers.findOne({ where: { name: name.trim(), demo: false } });
    const teacher = found && isSame(found.name, name.trim()) ? found : null;
    // A hash is made either way, so that the time doesn't tell whether the name exists.
    const right = teacher ? await verify(teacher.passwordHash, password) : (await hash(password), false);
    if (!teacher || !right) {
      await this.failures.destroy({ where: { at: { [Op.lt]: minutesAgo(TRIES.minutes) } } });
      await this.failures.create({ nameHash, at: new Date() });
      if (found) await this.audit.account(found.id, 'sign-in-failed');
      throw new UnauthorizedException('Name or password is wrong');
    }
    await this.failures.destroy({ where: { nameHash } });
    await this.audit.account(teacher.id, 'sign-in');
    return toTeacher(teacher);
  }

  /** @throws NotFoundException where there is no demo data. */
  async demoTeacher(): Promise<Teacher> {
    const teacher = this.settings.demo ? await this.teachers.findOne({ where: { demo: true } }) : null;
    if (!teacher) throw new NotFoundException('This installation has no demo data');
    return toTeacher(teacher);
  }

  /** A token for the browser to keep; only its hash stays here. */
  async open(teacher: Teacher): Promise<{ token: string; expiresAt: Date }> {
    const token = randomBytes(32).toString('base64url');
    const expiresAt = new Date(Date.now() + SESSION_DAYS * 24 * 3600 * 1000);
    await this.sessions.destroy({ where: { expiresAt: { [Op.lt]: new Date() } } });
    await this.sessions.create({ tokenHash: hashToken(token), teacherId: teacher.id, expiresAt, lastSeenAt: new Date() });
    return { token, expiresAt };
  }

  async close(token: string): Promise<void> {
    const session = await this.sessions.findByPk(hashToken(token));
    if (!session) return;
    await session.destroy();
    await this.audit.account(session.teacherId, 'sign-out');
  }

  async byToken(token: string): Promise<Teacher | null> {
    const session = await this.sessions.findOne({ where: { tokenHash: hashToken(token), expiresAt: { [Op.gt]: new Date() } } });
    if (!session) return null;
    const seen = (session.lastSeenAt ?? (session.createdAt as Date)).getTime();
    if (Date.now() - seen > IDLE_HOURS * 3_600_000) {
      await session.destroy();
      return null;
    }
    if (Date.now() - seen > SEEN_MS) await session.update({ lastSeenAt: new Date() });
    const teacher = await this.teachers.findByPk(session.teacherId);
    return teacher ? toTeacher(teacher) : null;
  }
}
