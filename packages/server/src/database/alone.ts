import { QueryTypes, type Sequelize, type Transaction } from 'sequelize';

const SECONDS = 10;

/**
 * A transaction that no other process is in meanwhile: a row that isn't there yet can't be locked.
 * @throws Error when another has held it for ten seconds.
 */
export function alone<T>(sequelize: Sequelize, name: string, work: (transaction: Transaction) => Promise<T>): Promise<T> {
  const replacements = { name: `lotus-${name}` };
  // The lock belongs to a connection: one holds it until the work of the other is committed.
  return sequelize.transaction(async (holder) => {
    const [lock] = await sequelize.query<{ got: number | null }>(`SELECT GET_LOCK(:name, ${SECONDS}) AS got`, {
      replacements,
      transaction: holder,
      type: QueryTypes.SELECT,
    });
    if (lock?.got !== 1) throw new Error(`${name}: another process has been at it for ${SECONDS} s`);
    try {
      return await sequelize.transaction(work);
    } finally {
      await sequelize.query('SELECT RELEASE_LOCK(:name)', { replacements, transaction: holder, type: QueryTypes.SELECT });
    }
  });
}
