import * as db from '@/db'
import { Intake, NewJob } from '../schemas/job'
import { EvidenceSheet } from '../schemas/evidence'
import { ComparisonDraft, InspectionDraft } from '../schemas/judgement'
import { KitDraft } from '../schemas/kit'
import { FittingDraft } from '../schemas/plan'
import { loadDemoStore } from './store'
import { JOBS, MACHINES, type DemoJob } from './world'

async function write(
  { job, machine, position, stage, decision, kit, comparison, inspection, fitting, closed }: DemoJob,
  machines: readonly db.StoredMachine[],
): Promise<void> {
  const found = machines.find((m) => m.name === machine)
  const content = NewJob.parse({ intake: Intake.parse({}), evidence: EvidenceSheet.parse({}), ...job })
  await db.createJob(
    {
      ...content,
      machineId: found?.id ?? null,
      positionId: found?.positions.find((p) => p.name === position)?.id ?? null,
      stage,
      ...(decision && { decision }),
      ...(kit && { kit: KitDraft.parse(kit) }),
      ...(comparison && { comparison: ComparisonDraft.parse(comparison) }),
      ...(inspection && { inspection: InspectionDraft.parse(inspection) }),
      ...(fitting && { fitting: FittingDraft.parse(fitting) }),
      ...(closed && { closedAt: new Date() }),
    },
    { kind: 'created', summary: 'Job opened', content },
  )
}

/** Writes the demo world into an empty database. @returns how many jobs were written; 0 when there are jobs already */
export async function loadDemo(): Promise<number> {
  if ((await db.countJobs()) > 0) return 0
  const machines: db.StoredMachine[] = []
  for (const machine of MACHINES) machines.push(await db.createMachine(machine))
  for (const job of JOBS) await write(job, machines)
  await loadDemoStore()
  return JOBS.length
}
