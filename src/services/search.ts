import 'server-only'
import { machines, latestJobs } from './jobs'
import { searchParts } from './lookUp'
import { StampText } from './schemas/evidence'
import { parse } from './schemas/parse'

const MOST = 6

/** Parts, machines and jobs for the command palette. Empty text: the latest jobs. */
export async function search(input: unknown) {
  const text = parse(StampText, input).trim()
  const has = (...fields: string[]) =>
    fields.some((field) => field.toLowerCase().includes(text.toLowerCase()))
  const [jobs, all, parts] = await Promise.all([
    latestJobs(),
    machines(),
    text === '' ? [] : searchParts(text, MOST),
  ])
  return {
    parts,
    machines: all
      .filter((m) => text !== '' && has(m.name, m.place))
      .slice(0, MOST)
      .map(({ id, name, place }) => ({ id, name, place })),
    jobs: jobs
      .filter((j) => text === '' || has(j.title, String(j.id), j.decision?.designation ?? ''))
      .slice(0, MOST)
      .map(({ id, title, stage }) => ({ id, title, stage })),
  }
}
