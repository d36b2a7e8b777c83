import { DataTypes } from 'sequelize';
import type { UnbrokenTables } from '../unbroken.js';

const id = { type: DataTypes.INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true };
const time = { type: DataTypes.DATE(3), allowNull: false };
const stamps = { createdAt: time, updatedAt: time };
const version = { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 1 };
const json = { type: DataTypes.JSON, allowNull: false };
const ownedBy = (model: string) => ({
  type: DataTypes.INTEGER.UNSIGNED,
  allowNull: false,
  references: { model, key: 'id' },
  onDelete: 'CASCADE',
});

export async function up(tables: UnbrokenTables): Promise<void> {
  await tables.createTable('teachers', {
    id,
    name: { type: DataTypes.STRING(80), allowNull: false, unique: true },
    passwordHash: { type: DataTypes.STRING(255), allowNull: false },
    demo: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false },
    ...stamps,
  });
  await tables.createTable('sessions', {
    // Only the hash of the token is kept: whoever reads the table can't sign in with it.
    tokenHash: { type: DataTypes.CHAR(64), primaryKey: true },
    teacherId: ownedBy('teachers'),
    expiresAt: time,
    ...stamps,
  });
  await tables.createTable('people', {
    id,
    teacherId: ownedBy('teachers'),
    name: { type: DataTypes.STRING(80), allowNull: false },
    body: json, conditions: json, props: json, schools: json, clearances: json,
    breathSeconds: { type: DataTypes.FLOAT, allowNull: false, defaultValue: 5 },
    note: { type: DataTypes.TEXT, allowNull: false },
    version,
    ...stamps,
  }); // prettier-ignore
  await tables.addIndex('people', ['teacherId', 'name']);
  await tables.createTable('sequences', {
    id,
    teacherId: ownedBy('teachers'),
    title: { type: DataTypes.STRING(200), allowNull: false },
    text: { type: DataTypes.TEXT('medium'), allowNull: false },
    version,
    ...stamps,
  });
  await tables.addIndex('sequences', ['teacherId', 'title']);
  await tables.createTable('plans', {
    id,
    teacherId: ownedBy('teachers'),
    sequenceId: ownedBy('sequences'),
    personId: ownedBy('people'),
    sequenceVersion: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
    personVersion: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
    libraryVersion: { type: DataTypes.STRING(20), allowNull: false },
    answer: json,
    ...stamps,
  });
  await tables.addIndex('plans', ['teacherId', 'sequenceId', 'personId']);
  await tables.createTable('audit', {
    id: { type: DataTypes.BIGINT.UNSIGNED, autoIncrement: true, primaryKey: true },
    teacherId: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
    // No foreign key: that a record was read stays known after it was erased.
    personId: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
    action: { type: DataTypes.STRING(20), allowNull: false },
    at: time,
  });
  await tables.addIndex('audit', ['teacherId', 'personId', 'at']);
}
