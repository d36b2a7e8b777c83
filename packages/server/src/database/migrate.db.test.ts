import { tmpdir } from 'node:os';
import { resolve } from 'node:path';
import { QueryTypes, Sequelize } from 'sequelize';
import { readSettings } from '../settings.js';
import { migrate } from './migrate.js';

const { database } = readSettings({ ...process.env, LOTUS_PORT: '0' }, '');
const NAME = `${database.name}_migrations`;

function connect(name: string): Sequelize {
  return new Sequelize(name, database.owner.name, database.owner.password, {
    dialect: 'mariadb',
    host: database.host,
    port: database.port,
    logging: false,
    pool: { max: 3 },
  });
}

const CHANGES = /^\s*(?:CREATE|ALTER|INSERT)\b/i;

/** Lets so many statements that change something through; the next one dies, as with the process. */
function dieAfter(sequelize: Sequelize, statements: number): () => number {
  let done = 0;
  const query = sequelize.query.bind(sequelize) as (...args: unknown[]) => Promise<unknown>;
  sequelize.query = ((...args: unknown[]) => {
    const [sql] = args as [string | { query: string }];
    if (CHANGES.test(typeof sql === 'string' ? sql : sql.query) && done++ >= statements) return Promise.reject(new Error('killed'));
    return query(...args);
  }) as typeof sequelize.query;
  return () => done;
}

async function shape(sequelize: Sequelize): Promise<unknown> {
  const of = (table: string, columns: string) =>
    sequelize.query(`SELECT ${columns} FROM information_schema.${table} WHERE table_schema = '${NAME}' ORDER BY ${columns}`, {
      type: QueryTypes.SELECT,
    });
  return [
    await of('columns', 'table_name, column_name, column_type, is_nullable'),
    await of('statistics', 'table_name, index_name, column_name, non_unique'),
    await sequelize.query('SELECT name FROM SequelizeMeta ORDER BY name', { type: QueryTypes.SELECT }),
  ];
}

async function anew(): Promise<void> {
  const root = connect(database.name);
  await root.query(`DROP DATABASE IF EXISTS ${NAME}`, { type: QueryTypes.RAW });
  await root.query(`CREATE DATABASE ${NAME} CHARACTER SET utf8mb4`, { type: QueryTypes.RAW });
  await root.close();
}

test('tables for a moment lie where no other MariaDB that starts clears them away', async () => {
  const root = connect(database.name);
  const rows = await root.query<{ folder: string }>('SELECT @@tmpdir AS folder', { type: QueryTypes.SELECT });
  await root.close();
  expect(rows.map(({ folder }) => resolve(folder))).not.toContain(resolve(tmpdir()));
  expect(rows).toHaveLength(1);
});

test('cut off at any statement, the next start brings the database to the same shape', async () => {
  await anew();
  const whole = connect(NAME);
  const countOf = dieAfter(whole, Infinity);
  await migrate(whole);
  const wanted = await shape(whole);
  const statements = countOf();
  await whole.close();
  expect(statements).toBeGreaterThan(15);
  for (let i = 0; i < statements; i++) {
    await anew();
    const cut = connect(NAME);
    dieAfter(cut, i);
    await expect(migrate(cut)).rejects.toThrow('killed');
    await cut.close();
    const again = connect(NAME);
    await migrate(again);
    expect([i, await shape(again)]).toEqual([i, wanted]);
    await again.close();
  }
}, 120_000);
