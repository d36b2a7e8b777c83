import { QueryTypes, type Sequelize } from 'sequelize';
import { SequelizeStorage, Umzug } from 'umzug';
import { UnbrokenTables } from './unbroken.js';
import { up as firstTables } from './migrations/001-first-tables.js';
import { up as ownLimits } from './migrations/002-own-limits.js';
import { up as classes } from './migrations/003-classes.js';
import { up as studioWords } from './migrations/004-studio-words.js';
import { up as saferAccounts } from './migrations/005-safer-accounts.js';
import { up as classLogs } from './migrations/006-class-logs.js';
import { up as training } from './migrations/007-training.js';
import { up as readings } from './migrations/008-readings.js';
import { up as preferences } from './migrations/009-preferences.js';
import { up as trainingCases } from './migrations/010-training-cases.js';

/** All migrations in their order. They are code that ships with the server, so none can be missing. */
const MIGRATIONS: readonly { readonly name: string; readonly up: (tables: UnbrokenTables) => Promise<void> }[] = [
  { name: '001-first-tables', up: firstTables },
  { name: '002-own-limits', up: ownLimits },
  { name: '003-classes', up: classes },
  { name: '004-studio-words', up: studioWords },
  { name: '005-safer-accounts', up: saferAccounts },
  { name: '006-class-logs', up: classLogs },
  { name: '007-training', up: training },
  { name: '008-readings', up: readings },
  { name: '009-preferences', up: preferences },
  { name: '010-training-cases', up: trainingCases },
];

/**
 * Brings the database to the newest shape. Several servers may start at once: one migrates, the others wait.
 * Queries name their type: Sequelize 6 trips over the rows that this driver returns for an untyped one.
 */
export async function migrate(sequelize: Sequelize): Promise<void> {
  const umzug = new Umzug({
    migrations: MIGRATIONS.map(({ name, up }) => ({ name, up: () => up(new UnbrokenTables(sequelize.getQueryInterface())) })),
    context: sequelize,
    storage: new SequelizeStorage({ sequelize }),
    logger: undefined,
  });
  await sequelize.transaction(async (transaction) => {
    const [lock] = await sequelize.query<{ got: number | null }>("SELECT GET_LOCK('lotus-migrate', 60) AS got", {
      transaction,
      type: QueryTypes.SELECT,
    });
    if (lock?.got !== 1) throw new Error('another server has been migrating the database for a minute; start again when it is done');
    try {
      await umzug.up();
    } finally {
      await sequelize.query("SELECT RELEASE_LOCK('lotus-migrate')", { transaction, type: QueryTypes.SELECT });
    }
  });
}
