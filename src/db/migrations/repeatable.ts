import { QueryTypes, type QueryInterface } from 'sequelize'

/**
 * The same query interface with steps that can be repeated: what is there is not made again, what is gone is not taken away
 * again. The database commits every change of a table at once, so a migration that was killed has done some of its steps;
 * run again it goes on where it was.
 */
export function repeatable(query: QueryInterface): QueryInterface {
  const { sequelize } = query
  const quoted = (name: string) => sequelize.getQueryInterface().quoteIdentifier(name)
  const counted = async (sql: string, replacements: string[]): Promise<boolean> => {
    const [row] = await sequelize.query<{ n: number | string }>(sql, {
      replacements,
      type: QueryTypes.SELECT,
    })
    return Number(row?.n ?? 0) > 0
  }
  const hasColumn = (table: string, column: string) =>
    counted(
      'select count(*) n from information_schema.columns where table_schema = database() and table_name = ? and column_name = ?',
      [table, column],
    )
  const hasTable = (table: string) =>
    counted(
      'select count(*) n from information_schema.tables where table_schema = database() and table_name = ?',
      [table],
    )
  const hasIndex = (table: string, index: string) =>
    counted(
      'select count(*) n from information_schema.statistics where table_schema = database() and table_name = ? and index_name = ?',
      [table, index],
    )
  const replaced = {
    addColumn: async (...args: Parameters<QueryInterface['addColumn']>): Promise<void> => {
      if (!(await hasColumn(String(args[0]), args[1]))) await query.addColumn(...args)
    },
    removeColumn: async (table: string, column: string): Promise<void> => {
      if (await hasColumn(table, column))
        await sequelize.query(`alter table ${quoted(table)} drop column ${quoted(column)}`)
    },
    renameTable: async (table: string, name: string): Promise<void> => {
      if (await hasTable(table)) await query.renameTable(table, name)
    },
    renameColumn: async (table: string, column: string, name: string): Promise<void> => {
      if (await hasColumn(table, column))
        await sequelize.query(
          `alter table ${quoted(table)} rename column ${quoted(column)} to ${quoted(name)}`,
        )
    },
    addIndex: async (
      table: string,
      columns: string[],
      options: { name: string; unique?: boolean },
    ): Promise<void> => {
      if (!(await hasIndex(table, options.name))) await query.addIndex(table, columns, options)
    },
    removeIndex: async (table: string, name: string): Promise<void> => {
      if (await hasIndex(table, name)) await query.removeIndex(table, name)
    },
  }
  return new Proxy(query, {
    get: (target, name) => {
      if (Object.hasOwn(replaced, name)) return replaced[name as keyof typeof replaced]
      const value: unknown = Reflect.get(target, name)
      return typeof value === 'function' ? (value.bind(target) as unknown) : value
    },
  })
}
