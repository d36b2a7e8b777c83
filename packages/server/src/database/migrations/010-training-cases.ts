import { DataTypes } from 'sequelize';
import type { UnbrokenTables } from '../unbroken.js';

const id = { type: DataTypes.INTEGER.UNSIGNED, allowNull: false };

/** Cases that a supervisor wrote, or that came in a file of theirs. */
export async function up(tables: UnbrokenTables): Promise<void> {
  await tables.createTable('training_cases', {
    id: { ...id, autoIncrement: true, primaryKey: true },
    teacherId: { ...id, references: { model: 'teachers', key: 'id' }, onDelete: 'CASCADE' },
    content: { type: DataTypes.JSON, allowNull: false },
  });
  await tables.addIndex('training_cases', ['teacherId']);
}
