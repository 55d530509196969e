import 'server-only'
import {
  CLEARANCE_GROUPS,
  checkFit,
  readSeat,
  recommendSeat,
  RING_CLASSES,
  seatKindOf,
  type ClearanceGroup,
} from '@/core/fit'
import { ROLES, type Arrangement, type Kit } from '@/core/kit'
import { knownPart } from '@/core/part'
import { bodyOf, type SeatFit } from '@/core/procedure'
import { guessInstrument, lengthBeside, lengthInMm } from '@/core/quantity'
import type { JobKit } from '../jobKit'
import { FittingDraft, type SeatsResponse } from '@/contract/plan'

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

export function seatsOf(arrangement: Arrangement, kit: Kit, fitting: FittingDraft): Seat[] {
  const { slots, rotatingRing } = arrangement
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
          label: slot.label,
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
          rotatingRing,
          byThumb: slot.byThumb,
          recommended: recommendSeat({
            ring,
            rotatingRing,
            byThumb: slot.byThumb,
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

export const draftOf = ({ job }: JobKit): FittingDraft => job.fitting ?? FittingDraft.parse({})

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

export function fitFor(seat: Seat, fitting: FittingDraft, hub: string): SeatFit[] {
  const typed = fitting.seats[seat.id]
  const question = {
    ring: seat.ring,
    bore: seat.bore,
    outside: seat.outside,
    width: seat.width,
    family: seat.family,
    kind: seat.kind,
    hubText: seat.body === 'carrier' ? 'carrier' : hub,
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
    wheel: seat.rotatingRing === 'outer',
    byThumb: seat.byThumb,
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
