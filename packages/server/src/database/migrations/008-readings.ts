import { DataTypes } from 'sequelize';
import type { UnbrokenTables } from '../unbroken.js';

/** What was measured of people, day by day: whoever is erased takes theirs along. */
export async function up(tables: UnbrokenTables): Promise<void> {
  await tables.createTable('readings', {
    id: { type: DataTypes.INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true },
    personId: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, references: { model: 'people', key: 'id' }, onDelete: 'CASCADE' },
    condition: { type: DataTypes.STRING(40), allowNull: false },
    parameter: { type: DataTypes.STRING(40), allowNull: false },
    day: { type: DataTypes.DATEONLY, allowNull: false },
    value: { type: DataTypes.DOUBLE, allowNull: false },
  });
  await tables.addIndex('readings', ['personId', 'condition', 'parameter', 'day'], { unique: true });
}
