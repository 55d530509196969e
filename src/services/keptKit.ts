import 'server-only'
import { partKeyOf } from '@/core/designation'
import {
  ArrangementSnapshot,
  nextStep,
  priceOf,
  SLOT_ROLES,
  type Arrangement,
  type JobBearing,
  type Kit,
  type KitLine,
} from '@/core/kit'
import { FILL_PRACTICES, wheelRpm, type FillPractice } from '@/core/grease'
import { lengthInMm, readFigure, type FieldQuantity } from '@/core/quantity'
import { knownPart, PartValue } from '@/core/part'
import * as db from '@/db'
import { z } from 'zod'
import { withAvailability } from './availability'
import { ServiceError } from './errors'
import { getCatalogue } from './catalogueRuntime'
import { jobBearings } from './jobs/kitFollows'
import { workDraft, type KitContext, type WorkedKit } from './kits'
import type { Job } from '@/contract/job'
import { KitResponse, type KitDraft } from '@/contract/kit'
import { settings } from './settings'

/** What a kit keeps beside its lines. */
const Content = z.object({
  arrangement: ArrangementSnapshot,
  checks: KitResponse.shape.checks,
  absent: KitResponse.shape.absent,
  tools: z.array(z.string()),
  /** why the kit could not be worked out anew from what is typed now; empty = it was */
  error: z.string().default(''),
})

const isFillPractice = (text: string | undefined): text is FillPractice =>
  (FILL_PRACTICES as readonly (string | undefined)[]).includes(text)

/** How a hub is filled on a job: as chosen there, else the way of the shop, else by speed. */
async function greaseFillOf(fitting: Job['fitting']): Promise<FillPractice | undefined> {
  const chosen = fitting?.fields['grease.practice']
  if (isFillPractice(chosen)) return chosen
  switch ((await settings()).practices.grease) {
    case 'full':
      return 'hubFull'
    case 'part':
      return 'bearingsFullCavityThird'
    case 'bySpeed':
      return undefined
  }
}

/** Fields of the grease pane that decide how much goes into the hub. */
const GREASE_FIELDS = ['grease.practice', 'grease.rpm', 'grease.kmh', 'grease.tyre'] as const

/** Whether the grease of a kit has to be worked out anew. */
export const greaseChanged = (before: Job['fitting'], after: Job['fitting']): boolean =>
  GREASE_FIELDS.some((name) => before?.fields[name] !== after?.fields[name])

/** Speed of the wheel as typed on the grease pane, 1/min: turns, or road speed and tyre. */
function rpmOf(fitting: Job['fitting']): number | undefined {
  const figure = (name: string, quantity: FieldQuantity) => readFigure(fitting?.fields[name] ?? '', quantity)
  const turns = figure('grease.rpm', 'turns')
  if (turns > 0) return turns
  const [kmh, tyre] = [figure('grease.kmh', 'speed'), lengthInMm(fitting?.fields['grease.tyre'] ?? '')]
  return kmh > 0 && tyre !== null && tyre > 0 ? wheelRpm(kmh, tyre) : undefined
}

/** How a hub is filled on a job: the way and the speed, from one place for kit, plan and grease pane. */
export const greaseOf = async (fitting: Job['fitting']) => ({
  greaseFill: await greaseFillOf(fitting),
  rpm: rpmOf(fitting),
})

/** Designations chosen in a kit, by place; they stay chosen. */
const currentChoices = (stored: db.ReadKit | null): Record<string, string> =>
  Object.fromEntries(
    (stored?.lines ?? []).flatMap(({ slot, state, designation }) =>
      state === 'gap' || designation === '' ? [] : [[slot, designation] as const],
    ),
  )

/** What the kit of a job is worked out with: its own reservations, what was chosen, how its hub is filled. */
export async function contextOf(job: Job): Promise<KitContext> {
  const stored = await db.kitOfJob(job.id)
  return {
    jobId: job.id,
    current: currentChoices(stored && stored.arrangement === job.kit?.arrangement ? stored : null),
    ...(await greaseOf(job.fitting)),
    bearings: jobBearings(job),
  }
}

/** A kit ready to be kept. A price that was agreed for the same part stays. */
export async function toStored(
  { arrangement, kit }: WorkedKit,
  before: db.ReadKit | null,
): Promise<db.StoredKit> {
  const { context } = await getCatalogue()
  const content: z.input<typeof Content> = {
    arrangement,
    checks: kit.checks,
    absent: kit.absent,
    tools: kit.tools,
    error: '',
  }
  return {
    arrangement: arrangement.code,
    positions: kit.positions,
    complete: kit.complete,
    content,
    lines: kit.lines.map((line) => {
      const known = knownPart(line.value)
      const partKey = known?.key ?? (line.value ? partKeyOf(line.designation, context) : null)
      const agreed = before?.lines.find((l) => l.slot === line.slot && l.partKey === partKey)?.price ?? null
      return {
        slot: line.slot,
        role: line.role,
        label: line.label,
        designation: line.designation,
        partKey,
        value: line.value,
        quantityPerPosition: line.quantityPerPosition,
        quantity: line.quantity,
        unit: line.unit,
        singleUse: line.singleUse,
        state: line.state,
        stays: line.stays,
        assumed: line.assumed,
        reason: line.reason,
        note: line.note,
        alternatives: line.alternatives,
        price: agreed ?? line.price,
      }
    }),
  }
}

/**
 * The kit of a draft, ready to be kept. What cannot be worked out, such as a size half typed, leaves the lines as they were
 * and says why.
 */
export async function kitToKeep(
  jobId: number | null,
  draft: KitDraft,
  fitting: Job['fitting'],
  bearings: readonly JobBearing[],
): Promise<db.StoredKit | undefined> {
  const before = jobId === null ? null : await db.kitOfJob(jobId)
  const same = before?.arrangement === draft.arrangement ? before : null
  try {
    const grease = await greaseOf(fitting)
    const context = { jobId, current: currentChoices(same), bearings, ...grease }
    return await toStored(await workDraft(draft, context), same)
  } catch (error) {
    if (!(error instanceof ServiceError) || error.code === 'unavailable') throw error
    if (!same) return undefined
    const content = same.content.ok ? Content.safeParse(same.content.value) : null
    return {
      ...same,
      content: { ...(content?.success ? content.data : {}), error: error.message },
      lines: same.lines.map((line) => ({ ...line, value: line.value.ok ? line.value.value : null })),
    }
  }
}

const roleOf = (text: string) => SLOT_ROLES.find((role) => role === text) ?? 'plain'
const stateOf = (text: string): KitLine['state'] => (text === 'filled' || text === 'conflict' ? text : 'gap')

function toLine(stored: db.ReadKitLine): Omit<KitLine, 'stock'> {
  const value =
    stored.value.ok && stored.value.value !== null ? PartValue.safeParse(stored.value.value) : null
  return {
    slot: stored.slot,
    role: roleOf(stored.role),
    label: stored.label,
    designation: stored.designation,
    // A value that cannot be read any more stays as its text: ordered as written, checked by nobody.
    value: value
      ? value.success
        ? value.data
        : { kind: 'text', text: stored.designation.slice(0, 80) || stored.label }
      : null,
    stays: stored.stays,
    quantityPerPosition: stored.quantityPerPosition,
    quantity: stored.quantity,
    unit: stored.unit === 'g' ? 'g' : 'pcs',
    singleUse: stored.singleUse,
    state: stateOf(stored.state),
    reason: stored.reason,
    assumed: stored.assumed,
    note: stored.note,
    alternatives: stored.alternatives,
    price: stored.price,
  }
}

/** The kit as it is kept, with what lies in the bins for it now. */
export async function toWorked(
  jobId: number,
  stored: db.ReadKit,
): Promise<(WorkedKit & { error: string }) | null> {
  const content = stored.content.ok ? Content.safeParse(stored.content.value) : null
  if (!content?.success) return null
  const { arrangement, checks, absent, tools, error } = content.data
  const lines = stored.lines.map(toLine)
  const placed = await withAvailability(jobId, (supplyOf) =>
    lines.map((line) => ({
      ...line,
      stock: line.quantity > 0 && line.state === 'filled' ? supplyOf(line.designation) : null,
    })),
  )
  const kit: Kit = {
    arrangement: stored.arrangement,
    positions: stored.positions,
    lines: placed,
    checks,
    absent,
    complete: stored.complete,
    price: priceOf(placed),
    next: nextStep(placed),
    tools,
  }
  return { arrangement: arrangement satisfies Arrangement, kit, error }
}
