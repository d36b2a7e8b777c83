import { DataTypes } from 'sequelize';
import type { UnbrokenTables } from '../unbroken.js';

const id = { type: DataTypes.INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true };
const time = { type: DataTypes.DATE(3), allowNull: false };
const json = { type: DataTypes.JSON, allowNull: false };
const number = { type: DataTypes.INTEGER.UNSIGNED, allowNull: false };
const text = { type: DataTypes.TEXT('medium'), allowNull: false };
const ownedBy = (model: string) => ({ ...number, references: { model, key: 'id' }, onDelete: 'CASCADE' });

export async function up(tables: UnbrokenTables): Promise<void> {
  await tables.createTable('classes', {
    id,
    teacherId: ownedBy('teachers'),
    sequenceId: {
      type: DataTypes.INTEGER.UNSIGNED,
      allowNull: true,
      references: { model: 'sequences', key: 'id' },
      onDelete: 'SET NULL',
    },
    title: { type: DataTypes.STRING(200), allowNull: false },
    day: { type: DataTypes.DATEONLY, allowNull: false },
    text,
    figures: number,
    shared: { type: DataTypes.JSON, allowNull: true },
    libraryVersion: { type: DataTypes.STRING(20), allowNull: false },
    createdAt: time,
    updatedAt: time,
  });
  await tables.addIndex('classes', ['teacherId', 'day']);
  // Everybody's part is a row of its own: whoever is erased takes theirs along.
  await tables.createTable('class_people', {
    id,
    classId: ownedBy('classes'),
    personId: ownedBy('people'),
    personVersion: number,
    pins: json,
    answer: json,
  });
  await tables.addIndex('class_people', ['classId', 'personId'], { unique: true });
  await tables.createTable('sequence_versions', {
    id,
    sequenceId: ownedBy('sequences'),
    version: number,
    text,
    savedAt: time,
  });
  await tables.addIndex('sequence_versions', ['sequenceId', 'version'], { unique: true });
}
