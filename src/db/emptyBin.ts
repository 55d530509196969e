import { Op } from 'sequelize'
import { kinds } from './bin'
import { removeItems } from './lists'
import { models } from './models'

/** Takes away for good what was put into the bin before a time. @returns how many */
export async function emptyBin(before: Date): Promise<number> {
  const where = { deleted_at: { [Op.lt]: before } }
  for (const { id } of await models().ListRow.findAll({ attributes: ['id'], where, paranoid: false }))
    await removeItems(id)
  let gone = 0
  for (const { table } of Object.values(kinds())) gone += await table.destroy({ where, force: true })
  return gone
}
