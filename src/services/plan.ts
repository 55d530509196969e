import 'server-only'
import { capital } from '@/core/capital'
import { isWet } from '@/contract/job'
import { endPlay, isStepless, NUT_LOCKS, usualPlay, type NutLock } from '@/core/adjust'
import { isSealed } from '@/core/designation'
import { familyFacts } from '@/core/catalogue'
import { readFeature } from '@/core/compare'
import { isDay, shopDay } from '@/core/dates'
import {
  CLEARANCE_GROUPS,
  checkFit,
  readSeat,
  recommendSeat,
  RING_CLASSES,
  seatKindOf,
  type ClearanceGroup,
} from '@/core/fit'
import {
  inspectedOf,
  inspectedWords,
  judgeParts,
  runsOnceFitted,
  setupOf,
  type Inspected,
} from '@/core/inspect'
import { LOADS } from '@/core/interchange'
import { bearingsOfKit, readThread, ROLES, type Arrangement, type Kit, type SlotRole } from '@/core/kit'
import { knownPart } from '@/core/part'
import { bodyOf, makePlan, type Plan, type PlanFacts, type SeatFit } from '@/core/procedure'
import { judgeSpacerPair, PAIR_ROLES } from '@/core/spacing'
import {
  guessInstrument,
  lengthBeside,
  lengthInMm,
  MM_PER_INCH,
  readForm,
  readTorque,
  torqueProblemWords,
  writeTorque,
} from '@/core/quantity'
import { z } from 'zod'
import { now } from './clock'
import { jobKit, type JobKit } from './jobKit'
import { sizesRead } from './kits'
import { parse } from './parse'
import { FittingDraft, type PlanResponse, type SeatsResponse } from '@/contract/plan'
import { strokesOf } from './setting'
import { settings, toolbox } from './settings'

type Seat = SeatsResponse['seats'][number]

const isGroup = (text: string): text is ClearanceGroup =>
  (CLEARANCE_GROUPS as readonly string[]).includes(text)

/** The two sizes of a tapered ring alone: the set it belongs to in this kit gives the other one. */
function sizesOf(slot: Arrangement['slots'][number], kit: Kit) {
  const at = (id: string | undefined) => knownPart(kit.lines.find((line) => line.slot === id)?.value)
  const own = at(slot.id)
  const mate = slot.mate === undefined ? null : at(slot.mate)
  const d = own?.part.dimensions
  const bore = d?.bore ?? mate?.part.dimensions.bore
  const outside = d?.outside ?? mate?.part.dimensions.outside
  const width = d?.width ?? d?.coneWidth ?? d?.cupWidth ?? d?.totalWidth
  return own && bore && outside && width ? { own, bore, outside, width } : null
}

/** What a shaft or hub is made of, as it was said once for all its rings. */
function materialsOf({ slots }: Arrangement, fitting: FittingDraft): FittingDraft['materials'] {
  const older = slots.flatMap((slot) =>
    (ROLES[slot.role].rings ?? []).flatMap((ring) => {
      const material = fitting.seats[`${slot.id}:${ring}`]?.material
      return material ? [[bodyOf(slot, ring), material] as const] : []
    }),
  )
  return { ...Object.fromEntries(older), ...fitting.materials }
}

function seatsOf(arrangement: Arrangement, kit: Kit, fitting: FittingDraft): Seat[] {
  const { slots, turning } = arrangement
  const materials = materialsOf(arrangement, fitting)
  /** Shaft under the sleeve of a bearing; a sleeve that names none serves any. */
  const sleeveShaft = (bearing: string): number | undefined => {
    const places = slots.filter(({ role, at }) => role === 'adapterSleeve' && (at ?? bearing) === bearing)
    const hardware = places.map(
      ({ id }) => knownPart(kit.lines.find((l) => l.slot === id)?.value)?.part.hardware,
    )
    const sleeve = hardware.find((h) => h?.what === 'adapterSleeve')
    return sleeve?.what === 'adapterSleeve' ? sleeve.shaftMm : undefined
  }
  return slots.flatMap((slot) =>
    (ROLES[slot.role].rings ?? []).flatMap((ring): Seat[] => {
      const sizes = sizesOf(slot, kit)
      if (!sizes) return []
      const { own, bore, outside, width } = sizes
      const id = `${slot.id}:${ring}`
      const body = bodyOf(slot, ring)
      const material = materials[body] ?? null
      const kind = slot.role === 'hubUnit' ? 'hubUnit' : seatKindOf(own.part, typeof own.taper === 'number')
      const clearance = isGroup(own.clearance) ? own.clearance : 'CN'
      const precision = RING_CLASSES.find((c) => c === own.precision) ?? 'Normal'
      return [
        {
          id,
          slot: slot.id,
          words: slot.words,
          ring,
          designation: own.designation,
          family: own.part.family,
          kind,
          body,
          material,
          ...(kind === 'onSleeve' && ring === 'inner' && { shaftMm: sleeveShaft(slot.id) }),
          bore,
          outside,
          width,
          sealed: own.closure.sides > 0,
          clearance,
          precision,
          turning,
          recommended: recommendSeat({
            ring,
            turning,
            kind,
            load: fitting.load,
            boreMm: bore,
            outsideMm: outside,
            family: own.part.family,
            clearance,
            precision,
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
  return {
    seats: seatsOf(found.arrangement, found.kit, fitting),
    bearings: bearingsOfKit(found.arrangement, found.kit).map(({ designation }) => designation),
    setting: usualSetting(found),
  }
}

/** Readings that can be read; the others are left to the screen, which says so. */
const readingsOf = (text: string) =>
  readSeat(text).flatMap(({ at, depth, value }) => {
    const valueMm = lengthInMm(value)
    return valueMm === null ? [] : [{ at, depth, valueMm }]
  })

/** What is bored out of the shaft or left of the hub, as it was typed; nothing where it cannot be read. */
function wallOf({ ring, bore, outside }: Seat, text: string): { hollow?: number; hubOutside?: number } {
  const mm =
    ring === 'inner'
      ? lengthBeside(text, 'bore', { mm: bore, role: 'outside' })
      : lengthBeside(text, 'outside', { mm: outside, role: 'bore' })
  if (mm === null) return {}
  return ring === 'inner' ? { hollow: mm } : { hubOutside: mm }
}

function fitFor(seat: Seat, fitting: FittingDraft, hub: string): SeatFit[] {
  const typed = fitting.seats[seat.id]
  const question = {
    ring: seat.ring,
    bore: seat.bore,
    outside: seat.outside,
    width: seat.width,
    family: seat.family,
    kind: seat.kind,
    hubWords: seat.body === 'carrier' ? 'carrier' : hub,
    shaftMm: seat.shaftMm,
    instrument: typed?.instrument ?? guessInstrument(readSeat(typed?.readings ?? '').map((r) => r.value)),
    precision: seat.precision,
    ...wallOf(seat, typed?.wall ?? ''),
    sealed: seat.sealed,
    clearanceClass: typed?.clearance ?? seat.clearance,
    readings: readingsOf(typed?.readings ?? ''),
    materials: {
      ...(seat.material && { [seat.ring === 'inner' ? 'shaft' : 'housing']: seat.material }),
    },
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
      byHeat: heat.byHeat,
      heatAdvice: heat.advice,
      forceKn: pressForceKn.max,
      seat: judged && { verdict: judged.verdict, why: judged.why },
      sleeve: tools?.sleeve ?? null,
      rod: tools?.rod ?? null,
    },
  ]
}

const figure = (text: string | undefined): number => Number((text ?? '').replace(',', '.'))

/** How the nut that sets this arrangement is held where it stands. */
function lockOf({ slots }: Arrangement, typed: string | undefined): NutLock {
  const lock = NUT_LOCKS.find((name) => name === typed)
  const has = (role: SlotRole) => slots.some((slot) => slot.role === role)
  if (lock) return lock
  if (has('adjustingCone') || has('ballCone')) return 'cone'
  // Over a collar the nut sets nothing: it is at its torque.
  if (has('clampNut') || has('ringNut') || has('collar')) return 'clamp'
  return has('nutLock') ? 'retainer' : 'slots'
}

/** What the setting screen begins with for the arrangement of a job: how its nut is held and the play that is usual. */
function usualSetting({ job, arrangement }: Pick<JobKit, 'job' | 'arrangement'>): SeatsResponse['setting'] {
  const lock = lockOf(arrangement, undefined)
  return {
    lock,
    play: usualPlay(lock, job.intake.use.includes('fast')),
  }
}

/** Thread, lock and target as typed on the setting screen; else the nut of the kit and what is usual. */
function nutOf(found: JobKit, fitting: FittingDraft, thread: string | undefined): PlanFacts['nut'] {
  const { kit, arrangement } = found
  const hardware = kit.lines
    .map(({ value }) => knownPart(value)?.part.hardware)
    .find((h) => h?.what === 'castleNut')
  const field = (name: string) => figure(fitting.fields[`adjust.${name}`])
  const nut = hardware?.what === 'castleNut' ? hardware : undefined
  const pitchMm =
    field('threads') > 0
      ? MM_PER_INCH / field('threads')
      : (nut?.pitchMm ?? readThread(thread ?? '')?.pitchMm ?? 0)
  const slots = field('slots') > 0 ? field('slots') : (nut?.slots ?? 0)
  const lock = lockOf(arrangement, fitting.fields['adjust.lock'])
  if (!(pitchMm > 0) || (!isStepless(lock) && !(slots > 0))) return null
  const typed = field('max') > 0 && field('min') >= 0 && field('min') < field('max')
  const target = typed ? { min: field('min'), max: field('max') } : usualSetting(found).play
  const { step, turnForTarget } = endPlay({
    pitchMm,
    degrees: 90,
    lock,
    slots: Math.max(1, slots),
    crossHoles: field('holes') > 0 ? field('holes') : 1,
    ...(field('places') > 0 && { retainerPlaces: field('places') }),
    target,
  })
  return { step, target, turn: turnForTarget, usual: !typed, pitchMm }
}

/** Magnetic encoder: as it was seen, or noted on the comparison; a place that this machine has none of says no. */
function encoderOf({ job, kit, arrangement }: JobKit): boolean | null {
  const seen = job.bearings.flatMap(({ evidence }) => evidence.observed.encoder ?? [])
  if (seen.length > 0) return seen.includes(true)
  const side =
    job.bearings.flatMap(
      ({ comparison }) => comparison?.new.sensorSide ?? comparison?.old.sensorSide ?? [],
    )[0] ?? ''
  // The sensor side is where the magnetic ring is: none says that there is none.
  if (side.trim() !== '') return readFeature('sensorSide', side).kind !== 'none'
  const looked = arrangement.slots.some(
    ({ id, senses }) => senses !== undefined && kit.lines.some((line) => line.slot === id),
  )
  return looked ? null : false
}

function greaseWords(kit: Kit, position: string, fitting: FittingDraft, gunGrams: number | null): string {
  const line = kit.lines.find((l) => l.unit === 'g' && l.state === 'filled')
  const thickener = fitting.fields['grease.new']
  const strokes = line ? strokesOf(line.quantityPerPosition, gunGrams) : null
  return [
    line
      ? `About ${line.quantityPerPosition} g${strokes === null ? '' : `, ${strokes} strokes of the gun,`} of ${line.designation.toLowerCase()} in all${kit.positions > 1 ? ` for each ${position}` : ''}.`
      : '',
    line?.reason ?? '',
    thickener ? `Thickener: ${thickener}.` : '',
    line?.note ?? '',
  ]
    .filter(Boolean)
    .join(' ')
}

/** How far off shoulders and spacer may be measured, mm, as the spacing screen takes it. */
const MEASURED_OFF_MM = 0.05

/** What was compared and does not go, bearing by bearing. */
export const comparisonTrouble = ({ bearings }: Pick<JobKit['job'], 'bearings'>): string[] =>
  bearings.flatMap(({ name, comparison }) =>
    comparison?.result?.verdict === 'doesNotGo'
      ? [`${comparison.result.words}${name ? `, ${name}` : ''}`]
      : [],
  )

/** A spacer that loads its bearings sideways, or leaves them loose, as typed on the spacing screen. */
export function spacerTrouble(fitting: FittingDraft | null): string | null {
  const typed = (name: string): string => fitting?.fields[`spacing.${name}`] ?? ''
  const read = readForm(Object.entries(PAIR_ROLES).map(([name, role]) => ({ name, role, text: typed(name) })))
  const [shoulders, spacer] = [read.get('shoulders'), read.get('spacer')]
  if (!shoulders?.ok || !spacer?.ok) return null
  const mm = (name: string) => lengthInMm(typed(name))
  const off = mm('off') ?? MEASURED_OFF_MM
  const { verdict, words } = judgeSpacerPair({
    shouldersMm: shoulders.mm,
    spacerMm: spacer.mm,
    shouldersOffMm: off,
    spacerOffMm: off,
    playMm: mm('play') ?? undefined,
  })
  return verdict === 'good' ? null : words
}

/** Whether the bearings of a kit are closed on both sides; undefined where they are not known, or not alike. */
function sealedIn(kit: Kit): boolean | undefined {
  const sides = kit.lines.flatMap(({ value }) => {
    const known = knownPart(value)
    return known && familyFacts(known.part.family).kind === 'bearing' ? [isSealed(known)] : []
  })
  return new Set(sides).size === 1 ? sides[0] : undefined
}

/** Room between the bearings, as it was typed for the kit. */
function betweenOf(kit: JobKit['job']['kit']): number | null {
  const { cavityLength, spacerLength } = sizesRead(kit)
  return cavityLength?.mm ?? spacerLength?.mm ?? null
}

async function factsOf(found: JobKit): Promise<PlanFacts> {
  const { job, kit, arrangement } = found
  const [shop, tools] = await Promise.all([settings(), toolbox()])
  const fitting = draftOf(found)
  const inspections = job.bearings.flatMap(({ inspection }) => inspection ?? [])
  const setup = setupOf(arrangement, sealedIn(kit))
  const inspected = judgeParts(
    inspections.flatMap(({ seen }) => seen),
    {
      tags: [...job.intake.heard, ...job.intake.use],
      age: inspections.find(({ age }) => age !== undefined)?.age,
      setup,
    },
  )
  const called = (part: Inspected): string => inspectedWords(part, inspectedOf(setup))
  const seen = (damage: string): boolean => inspections.some((i) => i.seen.some((s) => s.damage === damage))
  return {
    arrangement,
    kit,
    stuck: { onShaft: seen('ringSeized'), inHub: seen('ringLeft') },
    fits: seatsOf(arrangement, kit, fitting).flatMap((seat) => fitFor(seat, fitting, arrangement.hub)),
    inspected: [
      ...inspected.parts.map(({ part, verdict, findings }) => ({
        part,
        verdict,
        words: `${called(part)}: ${findings.join(', ').toLowerCase() || 'goes with its mate'}`,
      })),
      ...inspections
        .flatMap(({ good }) => good)
        .filter((part) => !inspected.parts.some((p) => p.part === part))
        .map((part) => ({ part, verdict: 'good' as const, words: called(part) })),
    ].map((row) => ({ ...row, words: capital(row.words) })),
    checkNext: inspected.checkNext,
    // Once it is signed off, what was found on parts that came new no longer counts.
    run: fitting.signed
      ? runsOnceFitted(
          inspections.flatMap((inspection) => inspection.seen),
          kit,
        )
      : inspected.run,
    encoder: encoderOf(found),
    wet: isWet(job.intake),
    hubHas: fitting.hubHas,
    firstSide: fitting.firstSide,
    nut: nutOf(found, fitting, job.kit.thread),
    greaseWords: greaseWords(kit, arrangement.position, fitting, shop.gunGrams),
    schools: shop.schools,
    toolbox: tools.tools,
    fittedOn: isDay(fitting.fittedOn) ? fitting.fittedOn : shopDay(now(), shop.timeZone),
    betweenMm: betweenOf(job.kit),
    depths: fitting.depths.filter((d) => d.what && d.before).map((d) => `${d.what} ${d.before}`),
  }
}

/** The fasteners of the kit and those named on the job, each with what the manual says of it. */
function torquesOf(fasteners: Plan['torques'], { torques }: FittingDraft): PlanResponse['torques'] {
  const named = Object.entries(torques).flatMap(([id, { words = '' }]) =>
    words.trim() === '' || fasteners.some((row) => row.id === id) ? [] : [{ id, words, free: true }],
  )
  return [...fasteners.map((row) => ({ ...row, free: false })), ...named].map((row) => {
    const { value = '', page = '' } = torques[row.id] ?? {}
    if (value.trim() === '') return { ...row, value: '', page, problem: '' }
    const read = readTorque(value)
    return read.ok
      ? { ...row, value: writeTorque(read.value), page, problem: '' }
      : { ...row, value: '', page, problem: torqueProblemWords(read.problem) }
  })
}

/** The job card of a job, worked out from its kit, inspection, fits and setting. @throws ServiceError `notFound` when the job has no kit yet */
export async function jobPlan(jobId: number): Promise<{ plan: PlanResponse; found: JobKit }> {
  const found = await jobKit(jobId)
  const facts = await factsOf(found)
  const plan = makePlan(facts)
  const spacer = spacerTrouble(found.job.fitting)
  return {
    found,
    plan: {
      arrangement: found.arrangement.words,
      ...plan,
      run: facts.run,
      open: [
        ...plan.open,
        ...comparisonTrouble(found.job),
        ...(spacer ? [spacer] : []),
        ...(found.trouble ? [found.trouble] : []),
      ],
      sections: plan.sections.map((section) => ({ ...section, steps: [...section.steps] })),
      tools: plan.tools.map(({ kind, words, own, improvise }) => ({ kind, words, own, improvise })),
      torques: torquesOf(plan.torques, draftOf(found)),
    },
  }
}
