import 'server-only'
import { capital } from '@/core/capital'
import { readClean } from '@/core/designation'
import { familyFacts } from '@/core/catalogue'
import { isShaftClass, seatNominal, toleranceClass } from '@/core/fit'
import { DAMAGE } from '@/core/inspect'
import {
  causesOf,
  CLOSURE_GROUPS,
  closureGroup,
  compareLives,
  MIN_ENDED,
  MIN_MEASURED,
  medianDays,
  survival,
  wearTrend,
  type ClosureGroup,
  type Life,
} from '@/core/logbook'
import * as db from '@/db'
import {
  type ClosuresResponse,
  type CostResponse,
  type FailuresResponse,
  type SeatsTrendResponse,
  type ServiceResponse,
} from '@/contract/logbook'
import { getJob } from '../jobs/getJob'
import { getCatalogue, type CatalogueRuntime } from '../catalogueRuntime'
import { seats as seatsOfJob } from '../plan'
import { settings } from '../settings'
import { countedMonthly } from './monthly'
import { scopeOf } from './scope'

/** Machines told in a view; a file has them all. */
const MAX_MACHINES = 50
const NO_MACHINE = 'not in the register'

const findingsByMonth = countedMonthly(db.countFindings)

/**
 * What fails, where and why.
 * @param max machines told, those with most jobs; null: all
 * @throws ServiceError `unreadable`
 */
export async function failures(input: unknown, max: number | null = MAX_MACHINES): Promise<FailuresResponse> {
  const { scope } = await scopeOf(input)
  const { months, ...counted } = await foundAndWhere(scope, max)
  return { from: scope.from, ...counted, months: months.map(({ month, jobs }) => ({ month, jobs })) }
}

/** The same without the months, of the months before today, and the one machine with most jobs or two: what the bench shows. */
export async function season(months: number): Promise<Omit<FailuresResponse, 'from' | 'months'>> {
  // Jobs of no machine may lead.
  return foundAndWhere((await scopeOf({ months })).scope, 2)
}

/** Counts of months added up, the most frequent first. */
function added(rows: readonly db.StoredFindings[]): Omit<db.StoredFindings, 'month'>[] {
  const sums = new Map<string, Omit<db.StoredFindings, 'month'>>()
  for (const { damage, count, jobs } of rows) {
    const sum = sums.get(damage)
    sums.set(damage, { damage, count: (sum?.count ?? 0) + count, jobs: (sum?.jobs ?? 0) + jobs })
  }
  return [...sums.values()].sort((a, b) => b.count - a.count || (a.damage < b.damage ? -1 : 1))
}

async function foundAndWhere(
  scope: db.LogbookScope,
  max: number | null,
): Promise<Omit<FailuresResponse, 'from' | 'months'> & { months: db.MonthOfJobs[] }> {
  const monthly = async () => {
    const months = await db.monthsOfJobs(scope)
    return { months, found: await findingsByMonth(scope, months) }
  }
  const [{ months, found }, machines] = await Promise.all([monthly(), db.countByMachine(scope, max)])
  const counts = added(found)
  const [first] = machines
  return {
    months,
    findings: counts.map(({ damage, count, jobs }) => ({
      id: damage,
      label: DAMAGE.find(({ id }) => id === damage)?.label ?? damage,
      count,
      jobs,
    })),
    causes: causesOf(counts).map(({ findings, ...cause }) => ({
      ...cause,
      count: Math.round(findings * 10) / 10,
    })),
    all: {
      machines: Number(first?.machines ?? 0),
      jobs: Number(first?.allJobs ?? 0),
      cameBack: Number(first?.allCameBack ?? 0),
    },
    machines: machines.map(({ machineId, machine, jobs, cameBack }) => ({
      machineId,
      label: machine ?? NO_MACHINE,
      jobs: Number(jobs),
      cameBack: Number(cameBack),
    })),
  }
}

type Group = ClosureGroup | 'tapered'
const GROUPS: readonly Group[] = [...CLOSURE_GROUPS, 'tapered']
const GROUP_LABELS: Record<Group, string> = {
  open: 'open ball bearings',
  shielded: 'shielded ball bearings',
  oneSeal: 'ball bearings sealed on one side',
  twoSeals: 'ball bearings sealed on both sides',
  tapered: 'tapered bearings',
}

/** What a part is counted with; null = not a bearing, or not one that is compared. */
function groupOf(designation: string, { context }: CatalogueRuntime): Group | null {
  const read = readClean(designation, context)
  if (!read) return null
  return familyFacts(read.family).element === 'taperedRoller' ? 'tapered' : closureGroup(read)
}

async function livesByGroup(input: unknown): Promise<{ from: string; lives: Map<Group, Life[]> }> {
  const { scope, day } = await scopeOf(input)
  const [rows, known] = await Promise.all([db.storedLives(scope, day), getCatalogue()])
  const groups = new Map<string, Group | null>()
  const lives = new Map<Group, Life[]>()
  for (const { designation, days, ended, count } of rows) {
    if (!groups.has(designation)) groups.set(designation, groupOf(designation, known))
    const group = groups.get(designation)
    if (!group) continue
    const life = { days: Number(days), ended: Number(ended) === 1, count: Number(count) }
    const own = lives.get(group)
    if (own) own.push(life)
    else lives.set(group, [life])
  }
  return { from: scope.from, lives }
}

const counted = (lives: readonly Life[]) => lives.reduce((sum, { count = 1 }) => sum + count, 0)
const endedOf = (lives: readonly Life[]) => counted(lives.filter(({ ended }) => ended))

/** How long parts stay in service, those that still run counted as long as they have run. @throws ServiceError `unreadable` */
export async function service(input: unknown): Promise<ServiceResponse> {
  const { from, lives } = await livesByGroup(input)
  return {
    from,
    groups: GROUPS.flatMap((id) => {
      const own = lives.get(id) ?? []
      if (own.length === 0) return []
      const steps = survival(own)
      return [
        {
          id,
          label: GROUP_LABELS[id],
          fitted: counted(own),
          ended: endedOf(own),
          medianDays: medianDays(steps),
          longestDays: Math.max(...own.map(({ days }) => days)),
          steps,
        },
      ]
    }),
  }
}

/** Closures that are asked about. */
const PAIRS: readonly (readonly [Group, Group])[] = [
  ['oneSeal', 'twoSeals'],
  ['shielded', 'twoSeals'],
  ['open', 'twoSeals'],
]

/** Whether one way of closing a bearing lasts longer than another. @throws ServiceError `unreadable` */
export async function closures(input: unknown): Promise<ClosuresResponse> {
  const { from, lives } = await livesByGroup(input)
  return {
    from,
    pairs: PAIRS.map(([one, other]) => {
      const [a, b] = [lives.get(one) ?? [], lives.get(other) ?? []]
      const compared = compareLives(a, b)
      const [first, second] = [GROUP_LABELS[one], GROUP_LABELS[other]]
      const head = { first, second, ended: endedOf(a), otherEnded: endedOf(b) }
      if (!compared)
        return {
          ...head,
          ratio: null,
          lower: null,
          upper: null,
          message: `Too few to say: at least ${MIN_ENDED} replacements of each are needed.`,
        }
      const { ratio, lower, upper } = compared
      const times = ratio >= 1 ? ratio : 1 / ratio
      const more = ratio >= 1 ? first : second
      const sure = lower > 1 || upper < 1
      return {
        ...head,
        ratio,
        lower,
        upper,
        message: sure
          ? `${capital(more)} were replaced ${times.toFixed(1)} times as often.`
          : 'No difference is shown by so many replacements.',
      }
    }),
  }
}

/**
 * What the parts of closed jobs cost, by machine.
 * @param max machines told, those that cost most; null: all
 * @throws ServiceError `unreadable`
 */
export async function cost(input: unknown, max: number | null = MAX_MACHINES): Promise<CostResponse> {
  const { scope } = await scopeOf(input)
  const [rows, { currency }] = await Promise.all([db.costByMachine(scope, max), settings()])
  return {
    from: scope.from,
    currency,
    allMachines: Number(rows[0]?.machines ?? 0),
    machines: rows.map(({ machineId, machine, jobs, cost: sum, unpriced }) => ({
      machineId,
      label: machine ?? NO_MACHINE,
      jobs: Number(jobs),
      cost: Number(sum),
      unpriced: Number(unpriced),
    })),
  }
}

/** Seats shown, and measurements read for them. */
const MAX_SEATS = 20
const MAX_MEASURED = 400

/** The wear limit of a seat by the class chosen for it on its latest job; null when it cannot be told. */
async function limitOf(jobId: number, seat: string): Promise<{ mm: number | null; label: string }> {
  const [found, job] = await Promise.all([
    seatsOfJob(jobId, {}).catch(() => null),
    getJob(jobId).catch(() => null),
  ])
  const own = found?.seats.find(({ id }) => id === seat)
  if (!own) return { mm: null, label: seat.replace(':', ', ') }
  const inner = own.ring === 'inner'
  const label = `${own.label}, ${inner ? 'shaft' : 'housing'}`
  const chosen = job?.fitting?.seats[seat]?.class?.trim() || own.recommended.class
  const nominal = seatNominal(own)
  const limits = toleranceClass(chosen, nominal)
  if (!limits) return { mm: null, label }
  return { mm: nominal + (isShaftClass(chosen) ? limits.lower : limits.upper) / 1000, label }
}

/** Seats that were measured more than once, with the line through them. @throws ServiceError `unreadable` */
export async function seatTrends(input: unknown): Promise<SeatsTrendResponse> {
  const { scope } = await scopeOf(input)
  const rows = await db.measuredSeats(scope, MAX_MEASURED)
  const bySeat = new Map<string, db.StoredSeat[]>()
  for (const row of rows) {
    const id = `${row.positionId} ${row.seat}`
    bySeat.set(id, [...(bySeat.get(id) ?? []), row])
  }
  const shown = [...bySeat.values()].slice(0, MAX_SEATS)
  return {
    from: scope.from,
    cut: bySeat.size > MAX_SEATS || rows.length === MAX_MEASURED,
    seats: await Promise.all(
      shown.map(async (measured) => {
        const [first] = measured
        const last = measured.at(-1)
        const limit = last ? await limitOf(last.jobId, last.seat) : { mm: null, label: '' }
        const trend = wearTrend(measured, limit.mm)
        return {
          positionId: Number(first?.positionId ?? 0),
          label: [first?.machine, first?.position, limit.label].filter(Boolean).join(', '),
          measured: measured.map(({ jobId, on, mm }) => ({ jobId: Number(jobId), on, mm: Number(mm) })),
          limitMm: limit.mm,
          perYearMm: trend?.perYearMm ?? null,
          lowerMm: trend?.lowerMm ?? null,
          upperMm: trend?.upperMm ?? null,
          limitOn: trend?.limitOn ?? null,
          advice: trend
            ? trend.limitOn
              ? `On this line the limit is reached about ${trend.limitOn}. Measure again before that.`
              : trend.lowerMm <= 0 && trend.upperMm >= 0
                ? 'No trend is shown by so many measurements.'
                : 'The limit is not in sight on this line.'
            : `Too few to say: a line needs ${MIN_MEASURED} jobs that measured this seat.`,
        }
      }),
    ),
  }
}
