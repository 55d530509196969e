import causes from '../../../data/inspection/causes.json'
import findings from '../../../data/inspection/findings.json'
import type { Cause, DamageMode } from './findingRows'

/** Damage that is told apart, its rows checked by a test against `findingRows`; in the order it is looked for (terms of ISO 15243; consequences common practice). */
export const DAMAGE: readonly DamageMode[] = findings.findings as unknown as DamageMode[]
export const CAUSES: readonly Cause[] = causes.causes as Cause[]
