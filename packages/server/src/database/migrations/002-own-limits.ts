import { DataTypes } from 'sequelize';
import type { UnbrokenTables } from '../unbroken.js';

/** Null where nothing was decided, as in every row that was there before. */
const list = { type: DataTypes.JSON, allowNull: true };

export async function up(tables: UnbrokenTables): Promise<void> {
  await tables.addColumn('people', 'ownLimits', list);
  await tables.addColumn('people', 'loosened', list);
  await tables.addColumn('teachers', 'studio', list);
}
