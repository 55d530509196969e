import 'server-only'
import { endPlay } from '@/core/adjust'
import { familyFacts } from '@/core/catalogue'
import {
  CLEARANCE_GROUPS,
  checkFit,
  readSeat,
  recommendClass,
  RING_CLASSES,
  type ClearanceGroup,
} from '@/core/fit'
import { FILL_SCHOOLS, SCHOOL_WORDS, type FillSchool } from '@/core/grease'
import { INSPECTED_WORDS, judgeParts } from '@/core/inspect'
import { LOADS, variantOf, widthOf, type Variant } from '@/core/interchange'
import type { Arrangement, Kit } from '@/core/kit'
import { makePlan, type PlanFacts, type SeatFit } from '@/core/procedure'
import { lengthInMm, MM_PER_INCH, readTorque, torqueProblemWords, writeTorque } from '@/core/quantity'
import { z } from 'zod'
import { jobKit, type JobKit } from './kitFiles'
import { ready } from './language'
import { parse } from './schemas/parse'
import { FittingDraft, type PlanResponse, type SeatsResponse } from './schemas/plan'
import { settings, toolbox } from './settings'

type Seat = SeatsResponse['seats'][number]

const isGroup = (text: string): text is ClearanceGroup =>
  (CLEARANCE_GROUPS as readonly string[]).includes(text)

/** Rings of a place that sit in a seat. */
const RINGS: Partial<Record<Arrangement['slots'][number]['role'], readonly Seat['ring'][]>> = {
  cone: ['inner'],
  cup: ['outer'],
  ballBearing: ['outer', 'inner'],
  bearing: ['inner', 'outer'],
  hubUnit: ['outer', 'inner'],
  insert: ['inner'],
}

async function variantsOf(kit: Kit): Promise<Map<string, Variant>> {
  const { language } = await ready()
  return new Map(
    kit.lines.flatMap((line) => {
      const variant = line.state === 'filled' ? variantOf(line.designation, language) : null
      return variant ? [[line.slot, variant] as const] : []
    }),
  )
}

/** The two sizes of a tapered ring alone: the set it belongs to in this kit gives the other one. */
function sizesOf(slot: Arrangement['slots'][number], variants: ReadonlyMap<string, Variant>) {
  const own = variants.get(slot.id)
  const mate = slot.mate === undefined ? undefined : variants.get(slot.mate)
  const d = own?.part.dimensions
  const bore = d?.bore ?? mate?.part.dimensions.bore
  const outside = d?.outside ?? mate?.part.dimensions.outside
  const width = (own && widthOf(own)) ?? d?.coneWidth ?? d?.cupWidth
  return own && bore && outside && width ? { own, bore, outside, width } : null
}

function seatsOf(
  { slots, turning }: Arrangement,
  variants: ReadonlyMap<string, Variant>,
  fitting: FittingDraft,
): Seat[] {
  return slots.flatMap((slot) =>
    (RINGS[slot.role] ?? []).flatMap((ring): Seat[] => {
      const sizes = sizesOf(slot, variants)
      if (!sizes) return []
      const { own, bore, outside, width } = sizes
      const id = `${slot.id}:${ring}`
      const material = fitting.seats[id]?.material
      return [
        {
          id,
          slot: slot.id,
          words: slot.words,
          ring,
          designation: own.designation,
          family: own.part.family,
          bore,
          outside,
          width,
          sealed: own.closure.sides > 0,
          clearance: isGroup(own.clearance) ? own.clearance : 'CN',
          precision: RING_CLASSES.find((c) => c === own.precision) ?? 'Normal',
          turning,
          recommended: recommendClass({
            ring,
            turning,
            load: fitting.load,
            boreMm: bore,
            rolling: familyFacts(own.part.family).element === 'ball' ? 'ball' : 'roller',
            hubUnit: slot.role === 'hubUnit',
            lightAlloy: material === 'aluminium' || material === 'magnesium',
          }),
        },
      ]
    }),
  )
}

const draftOf = ({ job }: JobKit): FittingDraft => job.fitting ?? FittingDraft.parse({})

const SeatsQuery = z.object({ load: z.enum(LOADS).optional() })

/** Seats of the parts of a job's kit. @throws ServiceError `unreadable`; `notFound` when the job has no kit yet */
export async function seats(jobId: number, query: unknown): Promise<SeatsResponse> {
  const { load } = parse(SeatsQuery, query)
  const found = await jobKit(jobId)
  const draft = draftOf(found)
  const fitting = load ? { ...draft, load } : draft
  return { seats: seatsOf(found.arrangement, await variantsOf(found.kit), fitting) }
}

/** Readings that can be read; the others are left to the screen, which says so. */
const readingsOf = (text: string) =>
  readSeat(text).flatMap(({ at, depth, value }) => {
    const valueMm = lengthInMm(value)
    return valueMm === null ? [] : [{ at, depth, valueMm }]
  })

/** What is bored out of the shaft or left of the hub, as it was typed; nothing where it cannot be read. */
function wallOf(ring: Seat['ring'], text: string): { hollow?: number; hubOutside?: number } {
  const mm = lengthInMm(text)
  if (mm === null) return {}
  return ring === 'inner' ? { hollow: mm } : { hubOutside: mm }
}

function fitFor(seat: Seat, fitting: FittingDraft): SeatFit[] {
  const typed = fitting.seats[seat.id]
  const material = typed?.material ?? 'steel'
  const question = {
    ring: seat.ring,
    bore: seat.bore,
    outside: seat.outside,
    width: seat.width,
    family: seat.family,
    precision: seat.precision,
    ...wallOf(seat.ring, typed?.wall ?? ''),
    sealed: seat.sealed,
    clearanceClass: typed?.clearance ?? seat.clearance,
    readings: readingsOf(typed?.readings ?? ''),
    materials: seat.ring === 'inner' ? { shaft: material } : { housing: material },
    wheel: seat.turning === 'outer',
  }
  const wanted = checkFit({ ...question, class: typed?.class?.trim() || seat.recommended.class })
  // A class that does not exist was refused on its screen; the plan goes on with the usual one.
  const fit = wanted.ok
    ? wanted
    : checkFit({ ...question, hollow: 0, hubOutside: undefined, class: seat.recommended.class })
  if (!fit.ok) return []
  const { interference, heat, pressForceKn, tools, seat: judged } = fit.value
  return [
    {
      slot: seat.slot,
      ring: seat.ring,
      class: wanted.ok && typed?.class ? typed.class : seat.recommended.class,
      min: interference.min,
      max: interference.max,
      celsius: heat.celsius,
      heatAdvice: heat.advice,
      forceKn: pressForceKn.max,
      seat: judged && { verdict: judged.verdict, why: judged.why },
      sleeve: tools.sleeve,
      rod: tools.rod,
    },
  ]
}

const figure = (text: string | undefined): number => Number((text ?? '').replace(',', '.'))

/** Thread, slots and target as typed on the setting screen; else the nut of the kit. */
function nutOf(fitting: FittingDraft, variants: ReadonlyMap<string, Variant>): PlanFacts['nut'] {
  const hardware = [...variants.values()]
    .map(({ part }) => part.hardware)
    .find((h) => h?.what === 'castleNut')
  const field = (name: string) => figure(fitting.fields[`adjust.${name}`])
  const pitchMm =
    field('threads') > 0
      ? MM_PER_INCH / field('threads')
      : hardware?.what === 'castleNut'
        ? hardware.pitchMm
        : 0
  const slots = field('slots') > 0 ? field('slots') : hardware?.what === 'castleNut' ? hardware.slots : 0
  if (!(pitchMm > 0) || !(slots > 0)) return null
  const target =
    field('max') > 0 && field('min') >= 0 && field('min') < field('max')
      ? { min: field('min'), max: field('max') }
      : { min: 0.025, max: 0.25 }
  const { slotStepMm, slotStepDegrees } = endPlay({
    pitchMm,
    degrees: 90,
    slots,
    crossHoles: field('holes') > 0 ? field('holes') : 1,
    target,
  })
  return { stepMm: slotStepMm, stepDegrees: slotStepDegrees, target }
}

/** Magnetic encoder: as it was seen, or noted on the comparison; a place that this machine has none of says no. */
function encoderOf({ job, kit, arrangement }: JobKit): boolean | null {
  const seen = job.evidence.observed.encoder
  if (seen !== undefined) return seen
  const side = job.comparison?.new.sensorSide ?? job.comparison?.old.sensorSide ?? ''
  if (/magnet|encoder/i.test(side)) return !/\b(no|none|not)\b/i.test(side)
  const place = arrangement.slots.some((slot) => slot.role === 'check')
  return place && kit.lines.some((line) => line.slot === 'encoder' || line.slot === 'sensor') ? null : false
}

const isSchool = (text: string | undefined): text is FillSchool =>
  (FILL_SCHOOLS as readonly (string | undefined)[]).includes(text)

function greaseWords(kit: Kit, fitting: FittingDraft): string {
  const line = kit.lines.find((l) => l.unit === 'g' && l.state === 'filled')
  const school = fitting.fields['grease.school']
  const thickener = fitting.fields['grease.new']
  return [
    line ? `About ${line.quantityPerPosition} g of ${line.designation.toLowerCase()} each.` : '',
    isSchool(school) ? `${SCHOOL_WORDS[school].name}.` : '',
    thickener ? `Thickener: ${thickener}.` : '',
    line?.note ?? '',
  ]
    .filter(Boolean)
    .join(' ')
}

async function factsOf(found: JobKit): Promise<PlanFacts> {
  const { job, kit, arrangement } = found
  const [variants, shop, tools] = await Promise.all([variantsOf(kit), settings(), toolbox()])
  const fitting = draftOf(found)
  const inspected = judgeParts(job.inspection?.seen ?? [], {
    tags: [...job.intake.heard, ...job.intake.use],
    age: job.inspection?.age,
    separable: arrangement.slots.some((slot) => slot.role === 'cone' || slot.role === 'balls'),
  })
  return {
    arrangement,
    kit,
    parts: variants,
    fits: seatsOf(arrangement, variants, fitting).flatMap((seat) => fitFor(seat, fitting)),
    inspected: [
      ...inspected.parts.map(({ part, verdict, findings }) => ({
        part,
        verdict,
        words: `${INSPECTED_WORDS[part]}: ${findings.join(', ').toLowerCase() || 'goes with its mate'}`,
      })),
      ...(job.inspection?.good ?? [])
        .filter((part) => !inspected.parts.some((p) => p.part === part))
        .map((part) => ({ part, verdict: 'good' as const, words: INSPECTED_WORDS[part] })),
    ].map((row) => ({ ...row, words: `${row.words[0]?.toUpperCase() ?? ''}${row.words.slice(1)}` })),
    checkNext: inspected.checkNext,
    run: inspected.run,
    encoder: encoderOf(found),
    wet: job.intake.use.some((use) => use === 'washed' || use === 'submerged'),
    firstSide: fitting.firstSide,
    nut: nutOf(fitting, variants),
    greaseWords: greaseWords(kit, fitting),
    schools: shop.schools,
    toolbox: tools.tools,
    fittedOn: /^\d{4}-\d{2}-\d{2}$/.test(fitting.fittedOn)
      ? fitting.fittedOn
      : new Date().toISOString().slice(0, 10),
    depths: fitting.depths.filter((d) => d.what && d.before).map((d) => `${d.what} ${d.before}`),
  }
}

/** The job card of a job, worked out from its kit, inspection, fits and setting. @throws ServiceError `notFound` when the job has no kit yet */
export async function jobPlan(jobId: number): Promise<{ plan: PlanResponse; found: JobKit }> {
  const found = await jobKit(jobId)
  const plan = makePlan(await factsOf(found))
  const { torques } = draftOf(found)
  return {
    found,
    plan: {
      arrangement: found.arrangement.words,
      ...plan,
      sections: plan.sections.map((section) => ({ ...section, steps: [...section.steps] })),
      tools: plan.tools.map(({ kind, words, own, improvise }) => ({ kind, words, own, improvise })),
      torques: plan.torques.map(({ id, words }) => {
        const { value = '', page = '' } = torques[id] ?? {}
        if (value.trim() === '') return { id, words, value: '', page, problem: '' }
        const read = readTorque(value)
        return read.ok
          ? { id, words, value: writeTorque(read.value), page, problem: '' }
          : { id, words, value: '', page, problem: torqueProblemWords(read.problem) }
      }),
    },
  }
}
