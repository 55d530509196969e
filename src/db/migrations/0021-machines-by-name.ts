import type { QueryInterface } from 'sequelize'

/** Name and place in one index: a text is looked for in it without reading the machines. */
export async function up(query: QueryInterface): Promise<void> {
  await query.addIndex('machines', ['name', 'place'], { name: 'machines_shown' })
}

export async function down(query: QueryInterface): Promise<void> {
  await query.removeIndex('machines', 'machines_shown')
}
