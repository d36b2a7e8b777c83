import 'reflect-metadata';
import { join } from 'node:path';
import type { Type } from '@nestjs/common';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { getConnectionToken } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import request from 'supertest';
import { createApp } from './create-app.js';
import { readSettings, type Settings } from './settings.js';

/** Threads run what is compiled. */
const JOBS = join(process.cwd(), 'packages/server/dist/work/jobs.js');

export const TEACHER = { name: 'Rue Calder', password: 'a long enough one' };
export const PERSON = {
  name: 'Orla Finch',
  body: { stature: 170 },
  conditions: [{ id: 'pregnancy', week: 30, fetuses: 1, complications: ['none'], experience: 'experienced' }],
  props: { chair: 1 },
  schools: {},
  clearances: [],
  breathSeconds: 5,
  note: 'likes mornings',
};
export const TEXT = '# Short\nMountain\nForward fold 5 breaths\nSavasana 5 min';

async function asOwner({ name, host, port, owner }: Settings['database'], sql: string): Promise<void> {
  const owned = new Sequelize(name, owner.name, owner.password, { dialect: 'mariadb', host, port, logging: false });
  await owned.query(sql, { type: QueryTypes.RAW }).finally(() => owned.close());
}

/**
 * A server for the tests of one file, with a database of its own in the MariaDB that the test script starts, and one
 * teacher's account who is signed in.
 */
export function testServer(of: string, { account = true } = {}) {
  let settings: Settings;
  let app: NestExpressApplication;
  let cookie = '';

  /** Somebody who is not signed in. */
  const api = () => request(app.getHttpServer());
  /** Whoever is signed in. */
  const me = (as = cookie) => request.agent(app.getHttpServer()).set('Cookie', as);
  const database = () => app.get<Sequelize>(getConnectionToken());

  /** Signs somebody in. @returns their cookie */
  async function signIn({ name, password } = TEACHER): Promise<string> {
    const { headers } = await api().post('/api/session').send({ name, password }).expect(200);
    return (headers['set-cookie'] as unknown as string[])[0]!.split(';')[0]!;
  }

  beforeAll(async () => {
    const { database: shared, ...rest } = readSettings({ ...process.env, LOTUS_PORT: '0', LOTUS_DEMO: '0', LOTUS_LOG: '0' }, JOBS);
    settings = { ...rest, database: { ...shared, name: `${shared.name}_${of}` } };
    await asOwner(shared, `CREATE OR REPLACE DATABASE ${settings.database.name} CHARACTER SET utf8mb4`);
    app = await createApp(settings);
    await app.init();
    if (!account) return;
    await api().post('/api/teachers').send(TEACHER).expect(201);
    cookie = await signIn();
  });
  afterAll(async () => {
    await app.close();
    await asOwner(settings.database, `DROP DATABASE ${settings.database.name}`);
  });

  return {
    api,
    me,
    signIn,
    /** Signs the teacher in, whom `me` speaks for from here on. @returns their cookie */
    async enter(): Promise<string> {
      cookie = await signIn();
      return cookie;
    },
    async make<T>(path: string, body: object): Promise<T> {
      const answer = await me().post(path).send(body).expect(201);
      return answer.body as T;
    },
    provider: <T>(type: Type<T>): T => app.get(type),
    query: (sql: string, replacements: unknown[] = []) => database().query(sql, { type: QueryTypes.RAW, replacements }),
    rows: <Row extends object>(sql: string) => database().query<Row>(sql, { type: QueryTypes.SELECT }),
    asOwner: (sql: string) => asOwner(settings.database, sql),
  };
}
