import type { Model } from 'sequelize-typescript';

/** A JSON column's value. MariaDB keeps JSON as text, and some drivers hand it out as such. */
export function readJsonColumn(row: Model, column: string): unknown {
  const value: unknown = row.getDataValue(column);
  return typeof value === 'string' ? JSON.parse(value) : value;
}
