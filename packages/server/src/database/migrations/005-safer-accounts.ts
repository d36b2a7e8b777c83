import { DataTypes } from 'sequelize';
import type { UnbrokenTables } from '../unbroken.js';

const time = { type: DataTypes.DATE(3), allowNull: false };

/** Sessions that end when nobody uses them, tries that count across processes, and a trail that only grows. */
export async function up(tables: UnbrokenTables): Promise<void> {
  await tables.addColumn('sessions', 'lastSeenAt', { type: DataTypes.DATE(3), allowNull: true });
  await tables.createTable('sign_in_failures', {
    id: { type: DataTypes.BIGINT.UNSIGNED, autoIncrement: true, primaryKey: true },
    // A hash of the name that was tried: names of people who mistype theirs are nobody's business.
    nameHash: { type: DataTypes.CHAR(64), allowNull: false },
    at: time,
  });
  await tables.addIndex('sign_in_failures', ['nameHash', 'at']);
  await tables.onlyGrows('audit');
}
