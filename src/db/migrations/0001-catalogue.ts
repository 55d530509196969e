import { DataTypes, type QueryInterface } from 'sequelize'

const id = { type: DataTypes.INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true }

export async function up(query: QueryInterface): Promise<void> {
  await query.createTable('parts', {
    id,
    base: { type: DataTypes.STRING(80), allowNull: false },
    family: { type: DataTypes.STRING(40), allowNull: false },
    piece: { type: DataTypes.STRING(20), allowNull: false },
    series: { type: DataTypes.STRING(40), allowNull: false },
    bore: { type: DataTypes.DOUBLE },
    outside: { type: DataTypes.DOUBLE },
    width: { type: DataTypes.DOUBLE },
    dimensions: { type: DataTypes.TEXT, allowNull: false },
    details: { type: DataTypes.TEXT, allowNull: false },
    commonness: { type: DataTypes.TINYINT.UNSIGNED, allowNull: false },
    source_kind: { type: DataTypes.STRING(20), allowNull: false },
    source: { type: DataTypes.STRING(200), allowNull: false },
    verified: { type: DataTypes.BOOLEAN, allowNull: false },
    /** `standard` rows are replaced when the shipped catalogue changes; `own` and `supplier` rows stay */
    origin: { type: DataTypes.STRING(20), allowNull: false, defaultValue: 'standard' },
  })
  await query.addIndex('parts', ['family', 'piece', 'base'], { unique: true, name: 'parts_number' })
  await query.addIndex('parts', ['bore', 'outside', 'width'], { name: 'parts_size' })
  await query.createTable('facts', {
    name: { type: DataTypes.STRING(60), primaryKey: true },
    value: { type: DataTypes.TEXT, allowNull: false },
  })
}

export async function down(query: QueryInterface): Promise<void> {
  await query.dropTable('facts')
  await query.dropTable('parts')
}
