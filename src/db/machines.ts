import { models } from './models'

export interface StoredPosition {
  id: number
  name: string
  arrangement: string | null
  fitted: string
  quantity: number
}
export interface StoredMachine {
  id: number
  name: string
  place: string
  note: string
  positions: StoredPosition[]
}

export async function listMachines(): Promise<StoredMachine[]> {
  const { MachineRow, PositionRow } = models()
  const [machines, positions] = await Promise.all([
    MachineRow.findAll({ order: ['name'] }),
    PositionRow.findAll({ order: ['id'] }),
  ])
  return machines.map(({ id, name, place, note }) => ({
    id,
    name,
    place,
    note,
    positions: positions
      .filter((p) => p.machine_id === id)
      .map((p) => ({
        id: p.id,
        name: p.name,
        arrangement: p.arrangement,
        fitted: p.fitted,
        quantity: p.quantity,
      })),
  }))
}

export interface NewMachine {
  name: string
  place: string
  note: string
  positions: Omit<StoredPosition, 'id'>[]
}

export async function createMachine(machine: NewMachine): Promise<StoredMachine> {
  const { MachineRow, PositionRow } = models()
  const { positions, ...own } = machine
  const row = await MachineRow.create(own)
  const stored = await Promise.all(positions.map((p) => PositionRow.create({ ...p, machine_id: row.id })))
  return { id: row.id, ...own, positions: positions.map((p, i) => ({ ...p, id: stored[i]?.id ?? 0 })) }
}
