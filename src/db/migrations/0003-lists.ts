import { DataTypes, type QueryInterface } from 'sequelize'

const times = {
  created_at: { type: DataTypes.DATE(3), allowNull: false },
  updated_at: { type: DataTypes.DATE(3), allowNull: false },
}

/** Own and supplier lists: what the shop knows beside the standard catalogue. */
export async function up(query: QueryInterface): Promise<void> {
  await query.createTable('lists', {
    id: { type: DataTypes.INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true },
    name: { type: DataTypes.STRING(120), allowNull: false },
    /** `own` or `supplier` */
    kind: { type: DataTypes.STRING(20), allowNull: false },
    /** `running`, `done`, `cancelled`, `failed` */
    state: { type: DataTypes.STRING(20), allowNull: false },
    rows_read: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 },
    rows_all: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 },
    listed: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 },
    own: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 },
    duplicates: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 },
    problems: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 },
    /** the first rows that were not kept, with the reason, as JSON */
    remarks: { type: DataTypes.TEXT('long'), allowNull: false },
    ...times,
  })
  await query.createTable('list_items', {
    id: { type: DataTypes.BIGINT.UNSIGNED, autoIncrement: true, primaryKey: true },
    list_id: {
      type: DataTypes.INTEGER.UNSIGNED,
      allowNull: false,
      references: { model: 'lists', key: 'id' },
      onDelete: 'CASCADE',
    },
    row_no: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false },
    designation: { type: DataTypes.STRING(80), allowNull: false },
    /** the listed boundary part; null = a part of the shop's own */
    base: { type: DataTypes.STRING(80) },
    bore: { type: DataTypes.DOUBLE },
    outside: { type: DataTypes.DOUBLE },
    width: { type: DataTypes.DOUBLE },
    quantity: { type: DataTypes.DOUBLE },
    price: { type: DataTypes.DOUBLE },
    bin: { type: DataTypes.STRING(40), allowNull: false, defaultValue: '' },
  })
  await query.addIndex('list_items', ['list_id', 'row_no'], { name: 'list_items_row' })
  await query.addIndex('list_items', ['base'], { name: 'list_items_base' })
}

export async function down(query: QueryInterface): Promise<void> {
  await query.dropTable('list_items')
  await query.dropTable('lists')
}
