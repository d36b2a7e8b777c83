import { QueryTypes, type ModelAttributes, type QueryInterface, type QueryInterfaceCreateTableOptions, type Sequelize } from 'sequelize';

/** Every table, and whether a migration said that it only grows. */
export function tablesOf(sequelize: Sequelize): Promise<{ readonly name: string; readonly grows: 0 | 1 }[]> {
  return sequelize.query(
    `SELECT table_name AS name, EXISTS (SELECT * FROM information_schema.triggers
       WHERE trigger_schema = DATABASE() AND trigger_name = CONCAT(table_name, '_no_update')) AS grows
     FROM information_schema.tables WHERE table_schema = DATABASE()`,
    { type: QueryTypes.SELECT },
  );
}

/**
 * Steps of a migration that can be done again from any statement: MariaDB writes each change of a table at once,
 * so a start that is cut off leaves some of them done and the migration unrecorded.
 */
export class UnbrokenTables {
  constructor(private readonly tables: QueryInterface) {}

  /** Makes a table that isn't there. */
  async createTable(name: string, attributes: ModelAttributes, options?: QueryInterfaceCreateTableOptions): Promise<void> {
    // Sequelize writes IF NOT EXISTS.
    await this.tables.createTable(name, attributes, options);
  }

  async addIndex(table: string, fields: string[], options: { readonly unique?: boolean } = {}): Promise<void> {
    const wanted = fields.join();
    const known = (await this.tables.showIndex(table)) as { readonly fields: readonly { readonly attribute: string }[] }[];
    if (known.some((index) => index.fields.map(({ attribute }) => attribute).join() === wanted)) return;
    await this.tables.addIndex(table, fields, options);
  }

  /** No row of the table is ever changed or taken away again, whoever asks. */
  async onlyGrows(table: string): Promise<void> {
    for (const change of ['update', 'delete'])
      await this.tables.sequelize.query(
        `CREATE OR REPLACE TRIGGER ${table}_no_${change} BEFORE ${change.toUpperCase()} ON ${table} FOR EACH ROW
         SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the trail only grows'`,
        { type: QueryTypes.RAW },
      );
  }

  async addColumn(table: string, name: string, attribute: Parameters<QueryInterface['addColumn']>[2]): Promise<void> {
    const columns = await this.tables.describeTable(table);
    if (!(name in columns)) await this.tables.addColumn(table, name, attribute);
  }
}
