import { INSPECTED, type Inspected } from './findingKinds'
import type { DamageMode } from './findingRows'
import { DAMAGE } from './findings'
import { mayHold, type Setup, type SetupTrait } from './setup'

/** Parts that not every arrangement has, with what has them. */
const HAD_WITH: Partial<Record<Inspected, readonly SetupTrait[]>> = {
  race: ['separable'],
  seal: ['seals', 'sealed'],
  collar: ['spacer'],
  sensor: ['pressedUnit', 'boltOnUnit', 'setByNut'],
}

/** The parts worth looking at, as far as the setup is known. */
export const inspectedOf = (setup: Setup): Inspected[] =>
  INSPECTED.filter((part) => mayHold(setup, HAD_WITH[part]))

/** The damage worth looking for: what only one kind of bearing can have is looked for where it is known to be of that kind. */
export const damageOf = (setup: Setup): DamageMode[] =>
  DAMAGE.filter(
    ({ only, never }) =>
      (only?.some((trait) => setup[trait] === true) ?? true) &&
      !never?.some((trait) => setup[trait] === true),
  )
