import { Op } from 'sequelize'
import { oneChange } from '../connection'
import { saveSeatReadings, type SeatReading } from './found'
import { readJson, type StoredJson } from '../json'
import { models } from '../models'

/** Fittings as they are stored, by job, for reading their seats anew. */
export async function storedFittings(): Promise<{ id: number; fitting: StoredJson }[]> {
  const rows = await models().JobRow.findAll({
    attributes: ['id', 'fitting'],
    where: { fitting: { [Op.ne]: null } },
  })
  return rows.map(({ id, fitting }) => ({ id, fitting: readJson(fitting) }))
}

export const writeSeatReadings = (id: number, readings: readonly SeatReading[]): Promise<void> =>
  oneChange((transaction) => saveSeatReadings(id, readings, transaction))
