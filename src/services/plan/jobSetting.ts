import 'server-only'
import { endPlay, isStepless, NUT_LOCKS, usualPlay, type NutLock } from '@/core/adjust'
import type { Arrangement, SlotRole } from '@/core/kit'
import { knownPart } from '@/core/part'
import type { PlanFacts } from '@/core/procedure'
import { MM_PER_INCH, readFigure, readThread } from '@/core/quantity'
import type { JobKit } from '../jobKit'
import type { FittingDraft, SeatsResponse } from '@/contract/plan'

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
export function usualSetting({
  job,
  arrangement,
}: Pick<JobKit, 'job' | 'arrangement'>): SeatsResponse['setting'] {
  const lock = lockOf(arrangement, undefined)
  return {
    lock,
    play: usualPlay(lock, job.intake.use.includes('fast')),
  }
}

/** Thread, lock and target as typed on the setting screen; else the nut of the kit and what is usual. */
export function nutOf(found: JobKit, fitting: FittingDraft, thread: string | undefined): PlanFacts['nut'] {
  const { kit, arrangement } = found
  const hardware = kit.lines
    .map(({ value }) => knownPart(value)?.part.hardware)
    .find((h) => h?.what === 'castleNut')
  const field = (name: string) => readFigure(fitting.fields[`adjust.${name}`] ?? '', 'plain')
  const length = (name: string) => readFigure(fitting.fields[`adjust.${name}`] ?? '', 'length')
  const nut = hardware?.what === 'castleNut' ? hardware : undefined
  const pitchMm =
    length('pitch') > 0
      ? length('pitch')
      : field('threads') > 0
        ? MM_PER_INCH / field('threads')
        : (nut?.pitchMm ?? readThread(thread ?? '')?.pitchMm ?? 0)
  const slots = field('slots') > 0 ? field('slots') : (nut?.slots ?? 0)
  const lock = lockOf(arrangement, fitting.fields['adjust.lock'])
  if (!(pitchMm > 0) || (!isStepless(lock) && !(slots > 0))) return null
  const [min, max] = [length('min'), length('max')]
  const typed = max > 0 && min >= 0 && min < max
  const target = typed ? { min, max } : usualSetting(found).play
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
