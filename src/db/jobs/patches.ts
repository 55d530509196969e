import type { Transaction } from 'sequelize'
import type { Finding, SeatReading } from './found'
import type { NewEvent } from './events'
import { writeJson } from '../json'
import type { StoredKit } from '../kits'

/** What may change on a job; absent = unchanged. */
export interface JobPatch {
  title?: string
  machineId?: number | null
  positionId?: number | null
  stage?: string
  intake?: unknown
  kit?: unknown
  fitting?: unknown
  partOf?: number | null
  comebackOf?: number | null
  freeOfCharge?: boolean
  closedAt?: Date | null
}

/** What may change on a bearing; absent = unchanged. `designation` and `partKey` follow the decision, `findings` the inspection. */
export interface BearingPatch {
  name?: string
  slot?: string
  evidence?: unknown
  decision?: unknown
  comparison?: unknown
  inspection?: unknown
  designation?: string | null
  partKey?: string | null
  findings?: readonly Finding[]
}

/** All that one change does to a job; it is done whole or not at all. */
export interface JobChangeSet {
  patch: JobPatch
  bearings: ReadonlyMap<number, BearingPatch>
  /** the kit as it is now; absent = unchanged, null = removed */
  kit?: StoredKit | null
  /** what was measured on the seats; absent = unchanged */
  seatReadings?: readonly SeatReading[]
  events: readonly NewEvent[]
  /** what undoes the change; absent = it is not undone */
  undo?: unknown
  /** versions that this change undoes */
  undoes?: readonly number[] | undefined
  /** part of the same transaction, such as writing the register */
  also?: (transaction: Transaction) => Promise<void>
}

/** A bearing to begin with. */
export type NewBearing = BearingPatch & { evidence: unknown }

/** The columns a change of a job is written to. */
export const jobColumns = (patch: JobPatch) => ({
  ...(patch.title !== undefined && { title: patch.title }),
  ...(patch.machineId !== undefined && { machine_id: patch.machineId }),
  ...(patch.positionId !== undefined && { position_id: patch.positionId }),
  ...(patch.stage !== undefined && { stage: patch.stage }),
  ...(patch.intake !== undefined && { intake: JSON.stringify(patch.intake) }),
  ...(patch.kit !== undefined && { kit: writeJson(patch.kit) }),
  ...(patch.fitting !== undefined && { fitting: writeJson(patch.fitting) }),
  ...(patch.comebackOf !== undefined && { comeback_of: patch.comebackOf }),
  ...(patch.freeOfCharge !== undefined && { free_of_charge: patch.freeOfCharge }),
  ...(patch.closedAt !== undefined && { closed_at: patch.closedAt }),
})

/** The columns a change of a bearing is written to. */
export const bearingColumns = (patch: BearingPatch) => ({
  ...(patch.name !== undefined && { name: patch.name }),
  ...(patch.slot !== undefined && { slot: patch.slot }),
  ...(patch.evidence !== undefined && { evidence: JSON.stringify(patch.evidence) }),
  ...(patch.decision !== undefined && { decision: writeJson(patch.decision) }),
  ...(patch.comparison !== undefined && { comparison: writeJson(patch.comparison) }),
  ...(patch.inspection !== undefined && { inspection: writeJson(patch.inspection) }),
  ...(patch.designation !== undefined && { designation: patch.designation }),
  ...(patch.partKey !== undefined && { part_key: patch.partKey }),
})
