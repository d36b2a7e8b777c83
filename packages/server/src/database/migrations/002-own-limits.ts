import { DataTypes, type QueryInterface } from 'sequelize';

/** Null where nothing was decided, as in every row that was there before. */
const list = { type: DataTypes.JSON, allowNull: true };

export async function up(tables: QueryInterface): Promise<void> {
  await tables.addColumn('people', 'ownLimits', list);
  await tables.addColumn('people', 'loosened', list);
  await tables.addColumn('teachers', 'studio', list);
}
