import 'server-only'
import { capital } from '@/core/capital'
import { isWet } from '@/contract/job'
import { isFilledForLife } from '@/core/grease'
import { familyFacts } from '@/core/catalogue'
import { readFeature } from '@/core/compare'
import { isDay, shopDay } from '@/core/dates'
import {
  inspectedOf,
  inspectedText,
  judgeParts,
  runsOnceFitted,
  setupOf,
  type Inspected,
} from '@/core/inspect'
import { betweenCups, type Kit } from '@/core/kit'
import { knownPart } from '@/core/part'
import type { GreaseOf, PlanFacts } from '@/core/procedure'
import { now } from '../clock'
import type { JobKit } from '../jobKit'
import { sizesRead } from '../kits'
import type { FittingDraft } from '@/contract/plan'
import { strokesOf } from '../setting'
import { settings, toolbox } from '../settings'
import { draftOf, fitFor, seatsOf } from './jobSeats'
import { nutOf } from './jobSetting'

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

/** The grease of one position: how much of what, and why. */
function greaseOf(kit: Kit, position: string, fitting: FittingDraft, gunGrams: number | null): GreaseOf {
  const line = kit.lines.find((l) => l.unit === 'g' && l.state === 'filled')
  return {
    amount:
      line && line.quantityPerPosition > 0
        ? {
            grams: line.quantityPerPosition,
            strokes: strokesOf(line.quantityPerPosition, gunGrams),
            grease: line.designation,
            forEach: kit.positions > 1 ? position : null,
          }
        : null,
    reason: line?.reason ?? '',
    thickener: fitting.fields['grease.new'] ?? '',
    note: line?.note ?? '',
  }
}

/** Whether the bearings of a kit are closed on both sides; undefined where they are not known, or not alike. */
function sealedIn(kit: Kit): boolean | undefined {
  const sides = kit.lines.flatMap(({ value }) => {
    const known = knownPart(value)
    return known && familyFacts(known.part.family).kind === 'bearing' ? [isFilledForLife(known)] : []
  })
  return new Set(sides).size === 1 ? sides[0] : undefined
}

/** Room between the bearings, as it was typed for the kit. */
function betweenOf({ job, arrangement }: JobKit): number | null {
  const sizes = sizesRead(job.kit)
  return betweenCups(sizes, arrangement.sizes)?.mm ?? sizes.spacerLength?.mm ?? null
}

export async function factsOf(found: JobKit): Promise<PlanFacts> {
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
  const called = (part: Inspected): string => inspectedText(part, inspectedOf(setup))
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
        text: `${called(part)}: ${findings.join(', ').toLowerCase() || 'replaced as a set'}`,
      })),
      ...inspections
        .flatMap(({ good }) => good)
        .filter((part) => !inspected.parts.some((p) => p.part === part))
        .map((part) => ({ part, verdict: 'good' as const, text: called(part) })),
    ].map((row) => ({ ...row, text: capital(row.text) })),
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
    grease: greaseOf(kit, arrangement.position, fitting, shop.gunGrams),
    practices: shop.practices,
    toolbox: tools.tools,
    fittedOn: isDay(fitting.fittedOn) ? fitting.fittedOn : shopDay(now(), shop.timeZone),
    betweenMm: betweenOf(found),
    depths: fitting.depths.filter((d) => d.what && d.before).map((d) => `${d.what} ${d.before}`),
  }
}
