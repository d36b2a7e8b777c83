import { DataTypes } from 'sequelize';
import type { UnbrokenTables } from '../unbroken.js';

/** What people do rather than what is as good. Null where nothing was decided, as in every row that was there before. */
export async function up(tables: UnbrokenTables): Promise<void> {
  await tables.addColumn('people', 'preferences', { type: DataTypes.JSON, allowNull: true });
}
