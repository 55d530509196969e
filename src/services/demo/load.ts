import 'server-only'
import { buildCatalogue } from '@/core/catalogue'
import { partKeyOf, type DesignationContext } from '@/core/designation'
import * as db from '@/db'
import { readShippedParts, readShippedTokens } from '@/services/catalogue/dataFolder'
import { seatReadings } from '../jobs/seatReadings'
import { Intake, NewJob } from '@/contract/job'
import { EvidenceSheet } from '@/contract/evidence'
import { ComparisonDraft, InspectionDraft } from '@/contract/judgement'
import { KitDraft } from '@/contract/kit'
import { FittingDraft } from '@/contract/plan'
import { today } from '../clock'
import { kitToKeep } from '../keptKit'
import { loadHistory } from './history'
import { loadDemoStore } from './store'
import { EVERY_ARRANGEMENT } from './everyArrangement'
import { JOBS, MACHINES, type DemoJob } from './world'

/** Jobs of the seasons before have numbers below those of the bench, which begin at 201. */
const FIRST_PAST_JOB = 101

async function write(
  { job, machine, position, stage, decision, kit, comparison, inspection, fitting, closed }: DemoJob,
  machines: readonly db.StoredMachine[],
  context: DesignationContext,
): Promise<void> {
  const found = machines.find((m) => m.name === machine)
  const content = NewJob.parse({ intake: Intake.parse({}), evidence: EvidenceSheet.parse({}), ...job })
  const { evidence, title, intake } = content
  const [inspected, fitted] = [
    inspection && InspectionDraft.parse(inspection),
    fitting && FittingDraft.parse(fitting),
  ]
  const draft = kit && KitDraft.parse(kit)
  const storedKit = draft && (await kitToKeep(null, draft, fitted ?? null, []))
  await db.createJob(
    {
      title,
      intake,
      machineId: found?.id ?? null,
      positionId: found?.positions.find((p) => p.name === position)?.id ?? null,
      stage,
      ...(draft && { kit: draft }),
      ...(fitted && { fitting: fitted }),
      ...(closed && { closedAt: new Date() }),
    },
    [
      {
        evidence,
        decision: decision ?? null,
        designation: decision?.designation ?? null,
        partKey: decision ? partKeyOf(decision.designation, context) : null,
        ...(comparison && { comparison: ComparisonDraft.parse(comparison) }),
        ...(inspected && { inspection: inspected, findings: inspected.seen }),
      },
    ],
    { kind: 'created', summary: 'Job opened', content },
    { ...(storedKit && { kit: storedKit }), ...(fitted && { seatReadings: seatReadings(fitted) }) },
  )
}

/**
 * Writes the demo world into an empty database. A first start that was killed while it wrote begins anew.
 * @returns how many jobs were written; 0 when there are jobs already
 */
export async function loadDemo(): Promise<number> {
  if ((await db.getSetting('demo')) === 'loading') await db.clearWorld()
  else if ((await db.countJobs()) > 0) return 0
  await db.saveSetting('demo', 'loading')
  const machines: db.StoredMachine[] = []
  for (const machine of MACHINES) {
    const made = await db.createMachine(machine)
    if (made) machines.push(made)
  }
  const context = { catalogue: buildCatalogue(readShippedParts()), tokens: readShippedTokens() }
  await loadDemoStore(context)
  await loadHistory(machines, context, FIRST_PAST_JOB, await today())
  // Those of the bench are the newest.
  for (const job of [...EVERY_ARRANGEMENT, ...JOBS]) await write(job, machines, context)
  await db.saveSetting('demo', 'loaded')
  return EVERY_ARRANGEMENT.length + JOBS.length
}
