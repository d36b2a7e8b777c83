import { createHash, randomBytes } from 'node:crypto';
import { ConflictException, Injectable, NotFoundException, UnauthorizedException } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { hash, verify } from '@node-rs/argon2';
import { FirstTeacherBody, type InstallationState, type Teacher } from '@lotus-steady/requests';
import { Op } from 'sequelize';
import { SessionRow } from './session.row.js';
import { TeacherRow } from './teacher.row.js';

const SESSION_DAYS = 30;

function hashToken(token: string): string {
  return createHash('sha256').update(token).digest('hex');
}

function toTeacher({ id, name, demo }: TeacherRow): Teacher {
  return { id, name, demo };
}

@Injectable()
export class AuthService {
  constructor(
    @InjectModel(TeacherRow) private readonly teachers: typeof TeacherRow,
    @InjectModel(SessionRow) private readonly sessions: typeof SessionRow,
  ) {}

  /** Whether the first account has still to be made, and whether the demo's may be entered by one click. */
  async state(): Promise<InstallationState> {
    const [count, demo] = await Promise.all([this.teachers.count(), this.teachers.count({ where: { demo: true } })]);
    return { needsTeacher: count === 0, demo: demo > 0 };
  }

  /** @throws ConflictException when there is a teacher already: others are not let in by whoever comes by. */
  async createFirst({ name, password }: FirstTeacherBody): Promise<Teacher> {
    const passwordHash = await hash(password);
    const sequelize = this.teachers.sequelize!;
    return sequelize.transaction(async (transaction) => {
      // Locked, so that two first accounts can't be made at the same moment.
      if (await this.teachers.findOne({ transaction, lock: true }))
        throw new ConflictException('There is an account already; sign in with it');
      return toTeacher(await this.teachers.create({ name: name.trim(), passwordHash, demo: false }, { transaction }));
    });
  }

  /** @throws UnauthorizedException without saying which of the two was wrong. */
  async check(name: string, password: string): Promise<Teacher> {
    const teacher = await this.teachers.findOne({ where: { name: name.trim() } });
    // A hash is made either way, so that the time doesn't tell whether the name exists.
    const right = teacher ? await verify(teacher.passwordHash, password) : (await hash(password), false);
    if (!teacher || !right) throw new UnauthorizedException('Name or password is wrong');
    return toTeacher(teacher);
  }

  /** @throws NotFoundException where there is no demo data. */
  async demoTeacher(): Promise<Teacher> {
    const teacher = await this.teachers.findOne({ where: { demo: true } });
    if (!teacher) throw new NotFoundException('This installation has no demo data');
    return toTeacher(teacher);
  }

  /** A token for the browser to keep; only its hash stays here. */
  async open(teacher: Teacher): Promise<{ token: string; expiresAt: Date }> {
    const token = randomBytes(32).toString('base64url');
    const expiresAt = new Date(Date.now() + SESSION_DAYS * 24 * 3600 * 1000);
    await this.sessions.destroy({ where: { expiresAt: { [Op.lt]: new Date() } } });
    await this.sessions.create({ tokenHash: hashToken(token), teacherId: teacher.id, expiresAt });
    return { token, expiresAt };
  }

  async close(token: string): Promise<void> {
    await this.sessions.destroy({ where: { tokenHash: hashToken(token) } });
  }

  async byToken(token: string): Promise<Teacher | null> {
    const session = await this.sessions.findOne({ where: { tokenHash: hashToken(token), expiresAt: { [Op.gt]: new Date() } } });
    const teacher = session && (await this.teachers.findByPk(session.teacherId));
    return teacher ? toTeacher(teacher) : null;
  }
}
