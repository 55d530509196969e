import 'server-only'
import type * as db from '@/db'
import type { z } from 'zod'
import { EvidenceSheet } from '@/contract/evidence'
import { STAGES, type Stage } from '@/contract/choices'
import { Decision, Intake, type Job } from '@/contract/job'
import { ComparisonDraft, InspectionDraft } from '@/contract/judgement'
import { KitDraft } from '@/contract/kit'
import { FittingDraft } from '@/contract/plan'

type Aside = Job['unreadable']

/** Longest text of an unreadable entry that is shown. */
const MAX_SHOWN = 400

const setAside = (stored: db.StoredJson, what: string): Aside[number] => ({
  what,
  text: (stored.ok ? JSON.stringify(stored.value) : stored.text).slice(0, MAX_SHOWN),
})

/** What is stored, or what stands in for it while the stored text is set aside. */
function readOr<S extends z.ZodType>(
  schema: S,
  stored: db.StoredJson,
  instead: z.output<S>,
  what: string,
  aside: Aside,
): z.output<S> {
  const parsed = stored.ok ? schema.safeParse(stored.value) : null
  if (parsed?.success) return parsed.data
  aside.push(setAside(stored, what))
  return instead
}

/** The same where nothing stored is nothing yet. */
function orNull<S extends z.ZodType>(
  schema: S,
  stored: db.StoredJson,
  what: string,
  aside: Aside,
): z.output<S> | null {
  if (stored.ok && stored.value === null) return null
  const parsed = stored.ok ? schema.safeParse(stored.value) : null
  if (parsed?.success) return parsed.data
  aside.push(setAside(stored, what))
  return null
}

export const stageOf = (text: string): Stage => STAGES.find((s) => s === text) ?? 'takeIn'

function toBearing(stored: db.StoredBearing, aside: Aside): Job['bearings'][number] {
  const of = (what: string) => `${what}${stored.name ? `, ${stored.name}` : ''}`
  return {
    id: stored.id,
    ordinal: stored.ordinal,
    name: stored.name,
    slot: stored.slot,
    evidence: readOr(EvidenceSheet, stored.evidence, EvidenceSheet.parse({}), of('Evidence'), aside),
    decision: orNull(Decision, stored.decision, of('Decision'), aside),
    comparison: orNull(ComparisonDraft, stored.comparison, of('Comparison'), aside),
    inspection: orNull(InspectionDraft, stored.inspection, of('Inspection'), aside),
  }
}

/** A job for the screens. What cannot be read is set aside in `unreadable`; it never stops the rest. */
export function toJob(stored: db.StoredJob): Job {
  const unreadable: Aside = []
  const bearings = stored.bearings.map((bearing) => toBearing(bearing, unreadable))
  const [first] = bearings
  return {
    id: stored.id,
    title: stored.title,
    machineId: stored.machineId,
    positionId: stored.positionId,
    stage: stageOf(stored.stage),
    intake: readOr(Intake, stored.intake, Intake.parse({}), 'Intake', unreadable),
    evidence: first?.evidence ?? EvidenceSheet.parse({}),
    decision: first?.decision ?? null,
    comparison: first?.comparison ?? null,
    inspection: first?.inspection ?? null,
    bearings,
    kit: orNull(KitDraft, stored.kit, 'Kit', unreadable),
    fitting: orNull(FittingDraft, stored.fitting, 'Fitting', unreadable),
    partOf: stored.partOf,
    comebackOf: stored.comebackOf,
    freeOfCharge: stored.freeOfCharge,
    unreadable,
    version: stored.version,
    closedAt: stored.closedAt?.toISOString() ?? null,
    createdAt: stored.createdAt.toISOString(),
    updatedAt: stored.updatedAt.toISOString(),
  }
}
