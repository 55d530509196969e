import { DataTypes, type QueryInterface } from 'sequelize'

/** Who may sign in, and what they did that is not part of a job. */
export async function up(query: QueryInterface): Promise<void> {
  await query.createTable('accounts', {
    id: { type: DataTypes.INTEGER.UNSIGNED, autoIncrement: true, primaryKey: true },
    name: { type: DataTypes.STRING(60), allowNull: false },
    role: { type: DataTypes.STRING(10), allowNull: false },
    /** Argon2id in the PHC format */
    password_hash: { type: 'varchar(200) character set ascii collate ascii_bin', allowNull: false },
    /** counts up with every change of password, role or right: sessions of before end */
    version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 1 },
    is_active: { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: true },
    failed: { type: DataTypes.SMALLINT.UNSIGNED, allowNull: false, defaultValue: 0 },
    locked_until: { type: DataTypes.DATE(3) },
    created_at: { type: DataTypes.DATE(3), allowNull: false },
    updated_at: { type: DataTypes.DATE(3), allowNull: false },
  })
  await query.addIndex('accounts', ['name'], { name: 'accounts_name', unique: true })
  await query.createTable('audit', {
    id: { type: DataTypes.BIGINT.UNSIGNED, autoIncrement: true, primaryKey: true },
    account_id: { type: DataTypes.INTEGER.UNSIGNED },
    /** the name as it was then */
    who: { type: DataTypes.STRING(60), allowNull: false },
    what: { type: DataTypes.STRING(200), allowNull: false },
    address: { type: DataTypes.STRING(45), allowNull: false, defaultValue: '' },
    created_at: { type: DataTypes.DATE(3), allowNull: false },
  })
  await query.addIndex('audit', ['created_at'], { name: 'audit_when' })
}

export async function down(query: QueryInterface): Promise<void> {
  await query.dropTable('audit')
  await query.dropTable('accounts')
}
