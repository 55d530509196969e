import 'server-only'
import { sizesIn } from '@/core/designation'
import * as db from '@/db'
import { stageOf } from './jobs/toJob'
import { searchParts } from './searchParts'
import { StampText } from '@/contract/evidence'
import { parse } from './parse'

const MAX_HITS = 6

/** Parts, machines and jobs for the command palette. Empty text: the latest jobs. */
export async function search(input: unknown) {
  const text = parse(StampText, input).trim()
  const [jobs, machines, parts] = await Promise.all([
    db.listJobs({ limit: MAX_HITS, text }),
    text === '' ? [] : db.listMachines({ limit: MAX_HITS, text }),
    text === '' ? [] : searchParts(text, MAX_HITS),
  ])
  return {
    sizes: sizesIn(text)?.mm ?? null,
    parts,
    machines: machines.map(({ id, name, place }) => ({ id, name, place })),
    jobs: jobs.map(({ id, title, stage }) => ({ id, title, stage: stageOf(stage) })),
  }
}
