import type { Sequelize, Transaction } from 'sequelize';

/** The database that a model was registered with. @throws Error before it was. */
export function databaseOf({ sequelize }: { readonly sequelize?: Sequelize }): Sequelize {
  if (!sequelize) throw new Error('A model that no database knows');
  return sequelize;
}

/** All of the work is kept, or none of it. */
export function inTransaction<T>(rows: { readonly sequelize?: Sequelize }, work: (transaction: Transaction) => Promise<T>): Promise<T> {
  return databaseOf(rows).transaction(work);
}
