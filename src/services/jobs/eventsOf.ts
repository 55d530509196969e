import 'server-only'
import type * as db from '@/db'
import { STAGE_LABELS } from '@/contract/choices'
import type { Job, JobChange } from '@/contract/job'

type Change = Omit<JobChange, 'version' | 'who' | 'reason'>
type BearingChange = NonNullable<Change['bearings']>[string]

/** One entry for each changed aspect of a bearing, in words. */
function ofBearing(id: number, name: string, change: BearingChange): db.NewEvent[] {
  const of = (summary: string): string => (name ? `${summary}, ${name}` : summary)
  const events: db.NewEvent[] = []
  const { evidence, decision, comparison, inspection } = change
  if (evidence !== undefined)
    events.push({ kind: 'evidence', summary: of('Evidence changed'), content: evidence })
  if (decision !== undefined)
    events.push({
      kind: 'decision',
      summary: of(decision ? `Decided: ${decision.designation}` : 'Decision withdrawn'),
      content: decision && { ...decision, bearingId: id },
    })
  if (comparison !== undefined)
    events.push({
      kind: 'comparison',
      summary: of(
        comparison?.result
          ? `Compared ${comparison.from || 'the old one'} with ${comparison.to || 'a new one'}: ${comparison.result.message}`
          : 'Comparison changed',
      ),
      content: comparison,
    })
  const findings = inspection?.seen?.length ?? 0
  if (inspection !== undefined)
    events.push({
      kind: 'inspection',
      summary: of(`Inspected: ${findings === 1 ? 'one finding' : `${findings} findings`}`),
      content: inspection,
    })
  if (change.name !== undefined || change.slot !== undefined)
    events.push({
      kind: 'bearing',
      summary: `Bearing is now called ${change.name ?? name}`,
      content: { name: change.name, slot: change.slot },
    })
  return events
}

const signedBy = (fitting: Job['fitting'] | Change['fitting']) => fitting?.signed ?? null

/**
 * The history a change writes: one entry a changed aspect, none twice for the same sign-off.
 * @param before the job as it was
 */
export function eventsOf(change: Change, before: Job, who: string): db.NewEvent[] {
  const events: db.NewEvent[] = []
  if (change.intake !== undefined || change.title !== undefined)
    events.push({
      kind: 'intake',
      summary: 'Intake changed',
      content: { title: change.title, intake: change.intake },
    })
  if (change.machineId !== undefined || change.positionId !== undefined)
    events.push({
      kind: 'place',
      summary: 'Machine or position changed',
      content: { machineId: change.machineId, positionId: change.positionId },
    })
  if (change.comebackOf !== undefined || change.freeOfCharge !== undefined) {
    const { comebackOf = before.comebackOf, freeOfCharge = before.freeOfCharge } = change
    events.push({
      kind: 'comeback',
      summary: `${comebackOf === null ? 'No comeback' : `Came back of job ${comebackOf}`}${freeOfCharge ? ', free of charge' : ''}`,
      content: { comebackOf, freeOfCharge },
    })
  }
  for (const [id, bearing] of Object.entries(change.bearings ?? {}))
    events.push(
      ...ofBearing(Number(id), before.bearings.find((b) => b.id === Number(id))?.name ?? '', bearing),
    )
  if (change.kit !== undefined)
    events.push({
      kind: 'kit',
      summary: change.kit
        ? `Kit ${change.kit.arrangement}, ${change.kit.positions} ${change.kit.positions === 1 ? 'position' : 'positions'}`
        : 'Kit removed',
      content: change.kit,
    })
  if (change.fitting !== undefined) {
    const [was, is] = [signedBy(before.fitting), signedBy(change.fitting)]
    const changed = JSON.stringify(was) !== JSON.stringify(is)
    if (changed && is)
      events.push({
        kind: 'signed',
        summary: `Signed off by ${is.who}${is.why ? `: ${is.why}` : ''}`,
        content: change.fitting,
        who: is.who,
      })
    else if (changed)
      events.push({ kind: 'signed', summary: `Sign-off of ${was?.who ?? ''} taken back`, content: was })
    else events.push({ kind: 'fitting', summary: 'Fits, setting or plan changed', content: change.fitting })
  }
  if (change.stage !== undefined && change.stage !== before.stage)
    events.push({
      kind: 'stage',
      summary: `Reached: ${STAGE_LABELS[change.stage]}`,
      content: { stage: change.stage },
    })
  return events.map((event) => ({ who, ...event }))
}
