import { DataTypes } from 'sequelize';
import type { UnbrokenTables } from '../unbroken.js';

const number = { type: DataTypes.INTEGER.UNSIGNED, allowNull: false };

/** What somebody has practised judging, and when each task comes back. */
export async function up(tables: UnbrokenTables): Promise<void> {
  await tables.createTable('training_tasks', {
    id: { type: DataTypes.INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true },
    teacherId: { ...number, references: { model: 'teachers', key: 'id' }, onDelete: 'CASCADE' },
    task: { type: DataTypes.STRING(60), allowNull: false },
    last: { type: DataTypes.STRING(20), allowNull: false },
    due: { type: DataTypes.DATE(3), allowNull: false },
    card: { type: DataTypes.JSON, allowNull: false },
    counts: { type: DataTypes.JSON, allowNull: false },
  });
  await tables.addIndex('training_tasks', ['teacherId', 'task'], { unique: true });
}
