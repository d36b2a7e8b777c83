import { DataTypes } from 'sequelize';
import type { UnbrokenTables } from '../unbroken.js';

const id = { type: DataTypes.INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true };
const time = { type: DataTypes.DATE(3), allowNull: false };
const number = { type: DataTypes.INTEGER.UNSIGNED, allowNull: false };
const ownedBy = (model: string) => ({ ...number, references: { model, key: 'id' }, onDelete: 'CASCADE' });

/** What happened in a class, and what somebody is not offered since. */
export async function up(tables: UnbrokenTables): Promise<void> {
  await tables.addColumn('people', 'leftOut', { type: DataTypes.JSON, allowNull: true });
  await tables.createTable('class_logs', {
    id,
    teacherId: ownedBy('teachers'),
    // The browser's own name for the class, so that what is sent twice is kept once.
    logKey: { type: DataTypes.STRING(190), allowNull: false },
    title: { type: DataTypes.STRING(200), allowNull: false },
    day: { type: DataTypes.DATEONLY, allowNull: false },
    startedAt: { type: DataTypes.DATE(3), allowNull: true },
    endedAt: { type: DataTypes.DATE(3), allowNull: true },
    note: { type: DataTypes.TEXT, allowNull: false },
    incident: { type: DataTypes.TEXT, allowNull: false },
    version: number,
    createdAt: time,
    updatedAt: time,
  });
  await tables.addIndex('class_logs', ['teacherId', 'logKey'], { unique: true });
  await tables.addIndex('class_logs', ['teacherId', 'day']);
  // Everybody's part is a row of its own: whoever is erased takes theirs along.
  await tables.createTable('class_log_people', {
    id,
    logId: ownedBy('class_logs'),
    personId: ownedBy('people'),
    part: { type: DataTypes.JSON, allowNull: false },
  });
  await tables.addIndex('class_log_people', ['logId', 'personId'], { unique: true });
}
