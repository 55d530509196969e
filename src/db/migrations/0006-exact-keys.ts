import { DataTypes, type QueryInterface } from 'sequelize'

/** Keys of stock are compared mark by mark: an accent, or the case of a bin, makes another item. */
const KEYS = { meaning: 190, bin: 40 } as const

const change = async (query: QueryInterface, binary: boolean): Promise<void> => {
  for (const [name, length] of Object.entries(KEYS))
    await query.changeColumn('stock_items', name, {
      type: DataTypes.STRING(length, binary),
      allowNull: false,
      ...(name === 'bin' && { defaultValue: '' }),
    })
}

export const up = (query: QueryInterface): Promise<void> => change(query, true)
export const down = (query: QueryInterface): Promise<void> => change(query, false)
