import { DataTypes } from 'sequelize';
import type { UnbrokenTables } from '../unbroken.js';

const number = { type: DataTypes.INTEGER.UNSIGNED, allowNull: false };

/** What a studio means by its own words. */
export async function up(tables: UnbrokenTables): Promise<void> {
  await tables.createTable(
    'studio_words',
    {
      id: { ...number, autoIncrement: true, primaryKey: true },
      teacherId: { ...number, references: { model: 'teachers', key: 'id' }, onDelete: 'CASCADE' },
      // What the text is known again by.
      wordKey: { type: DataTypes.STRING(200), allowNull: false },
      text: { type: DataTypes.STRING(200), allowNull: false },
      means: { type: DataTypes.JSON, allowNull: false },
      since: { type: DataTypes.DATEONLY, allowNull: false },
    },
    { uniqueKeys: { studio_words_teacher_key: { fields: ['teacherId', 'wordKey'] } } },
  );
}
