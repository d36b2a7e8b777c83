import { QueryTypes, Sequelize } from 'sequelize';
import type { Settings } from '../settings.js';
import { migrate } from './migrate.js';
import { tablesOf } from './unbroken.js';

/** Lets the server's user work with every table, and change or take away nothing of those that only grow. */
async function grantUse(owner: Sequelize, user: string): Promise<void> {
  for (const { name, grows } of await tablesOf(owner)) {
    const rights = grows ? 'SELECT, INSERT' : 'SELECT, INSERT, UPDATE, DELETE';
    await owner.query(`GRANT ${rights} ON \`${name}\` TO '${user}'@'127.0.0.1'`, { type: QueryTypes.RAW });
  }
}

/** Brings the database to its newest shape as its owner; whoever works with it afterwards can't change that shape. */
export async function prepareDatabase({ host, port, name, user, owner }: Settings['database']): Promise<void> {
  const sequelize = new Sequelize(name, owner.name, owner.password, { dialect: 'mariadb', host, port, logging: false, pool: { max: 3 } });
  try {
    await migrate(sequelize);
    await grantUse(sequelize, user.name);
  } finally {
    await sequelize.close();
  }
}
