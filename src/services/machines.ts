import 'server-only'
import type { z } from 'zod'
import { partKeyOf } from '@/core/designation'
import { machineChanges } from '@/core/history'
import * as db from '@/db'
import { ServiceError } from './errors'
import { noteChanges } from './history'
import { catchUp, getCatalogue } from './catalogueRuntime'
import type { MachineChange, MachineMerge, NewMachine } from '@/contract/machine'
import {
  MachineListQuery,
  type Machine,
  type MachineDetail,
  PartUsesQuery,
  type PartUses,
} from '@/contract/machine'
import { pageOf } from './pageOf'
import { parse } from './parse'

const MAX_FITTED = 200
const MAX_USES = 200
/** Findings of one machine that are told. */
const MAX_FOUND = 500
/** Machines with the same parts that are told. */
const MAX_SIMILAR = 6

const noMachine = (id: number) => new ServiceError('notFound', `There is no machine ${id}.`)
const taken = (name: string) =>
  new ServiceError(
    'taken',
    `A machine called “${name}” is in the register already, or two of its positions have one name. Choose another name.`,
  )

/** Machines by name, a page at a time. @throws ServiceError `unreadable` */
export async function listMachines(input: unknown): Promise<{ items: Machine[]; next: string | null }> {
  const { limit, cursor, q } = parse(MachineListQuery, input)
  const rows = await db.listMachines({ limit: limit + 1, after: cursor, text: q })
  return pageOf(rows, limit, (last) => last.name)
}

/** The machine of a job for its screens; null when it has none. */
export const machineOf = async (id: number | null): Promise<Machine | null> =>
  id === null ? null : db.findMachine(id)

/** One machine with what its positions carry and carried. @throws ServiceError `notFound` */
export async function machine(id: number): Promise<MachineDetail> {
  const found = await db.findMachine(id)
  if (!found) throw noMachine(id)
  const [findings, similar] = await Promise.all([db.foundOn(id, MAX_FOUND), db.similarTo(id, MAX_SIMILAR)])
  return {
    ...found,
    similar,
    positions: await Promise.all(
      found.positions.map(async (position) => {
        const parts = await db.fittedIn(position.id, MAX_FITTED)
        const now = parts.filter(({ replacedOn }) => replacedOn === null)
        return {
          ...position,
          since: now.map(({ fittedOn }) => fittedOn).sort()[0] ?? null,
          parts: now,
          history: parts.filter(({ replacedOn }) => replacedOn !== null),
          found: findings
            .filter(({ positionId }) => positionId === position.id)
            .map(({ jobId, part, damage, severity, at }) => ({
              jobId,
              part,
              damage,
              severity,
              at: at.toISOString(),
            })),
        }
      }),
    ),
  }
}

/** Writes a machine into the register. @throws ServiceError `taken` for a name that is there */
export async function addMachine(
  { positions, ...own }: z.output<typeof NewMachine>,
  by: string,
): Promise<MachineDetail> {
  const made = await db.oneChange(async () => {
    const machine = await db.createMachine({
      ...own,
      positions: positions.map(({ arrangement, ...position }) => ({
        ...position,
        arrangement: arrangement ?? null,
      })),
    })
    // Thrown within the change: what it wrote before goes with it.
    if (!machine) throw taken(own.name)
    await noteChanges(by, 'machine', machine.id, ['Written into the register'])
    if (positions.some(({ fitted }) => fitted !== '')) await db.knowledgeChanged('experience')
    return machine
  })
  await catchUp()
  return machine(made.id)
}

/** @throws ServiceError `notFound`, `taken` */
export async function changeMachine(
  id: number,
  change: z.output<typeof MachineChange>,
  by: string,
): Promise<MachineDetail> {
  await db.oneChange(async () => {
    const before = await db.findMachine(id)
    const after = await db.changeMachine(id, change)
    if (after === 'taken') throw taken(change.name ?? 'this')
    if (!before || !after) throw noMachine(id)
    await noteChanges(by, 'machine', id, machineChanges(before, after))
    if (change.positions?.some(({ fitted }) => fitted !== undefined)) await db.knowledgeChanged('experience')
  })
  await catchUp()
  return machine(id)
}

/** Joins a machine that is there twice to the other one. @throws ServiceError `impossible`, `notFound` */
export async function mergeMachine(
  from: number,
  { into }: z.output<typeof MachineMerge>,
  by: string,
): Promise<MachineDetail> {
  if (from === into) throw new ServiceError('impossible', 'A machine cannot be joined to itself.')
  await db.oneChange(async () => {
    const gone = await db.findMachine(from)
    if (!gone || !(await db.mergeMachines(from, into)))
      throw new ServiceError('notFound', `There is no machine ${from}, or no machine ${into}.`)
    await noteChanges(by, 'machine', into, [`“${gone.name}” joined to it`])
  })
  return machine(into)
}

/** Which machines carry this part now, whatever convention spells it. @throws ServiceError `unreadable` */
export async function machinesWith(input: unknown): Promise<PartUses> {
  const { designation } = parse(PartUsesQuery, input)
  const { context } = await getCatalogue()
  const key = partKeyOf(designation, context)
  const uses = await db.fittedWith(key.slice(0, 190), MAX_USES + 1)
  return { designation, uses: uses.slice(0, MAX_USES), complete: uses.length <= MAX_USES }
}
