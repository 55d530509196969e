import type { NotBorne } from './loadRule'
import type { NoLife, MissingInput } from './ruleOfKind'

/** Why no life is told. */
export type LifeProblem =
  | { code: 'notBorne'; why: NotBorne }
  | { code: 'notTold'; why: MissingInput }
  | { code: 'noLife'; why: NoLife }

const NOT_BORNE: Record<NotBorne, string> = {
  axial:
    'This kind of bearing bears no axial load: its ring slides off along the rollers. Another bearing must take it; give only the radial load here.',
  radial:
    'A thrust bearing bears no radial load: another bearing must take it; give only the axial load here.',
  axialAlone:
    'Its flanges bear axial load only beside a radial one: rollers without radial load tilt and slide. Give the radial load as well.',
  tooMuchAxial:
    'Its flanges bear at most half as much axial as radial load (handbooks): more wants another kind of bearing.',
  tooMuchRadial:
    'A spherical roller thrust bearing bears radial load only beside an axial one of at least 1.8 times as much (ISO 281): another bearing must take the rest.',
}
const NOT_TOLD: Record<MissingInput, string> = {
  angle:
    'The contact angle is not in this number, and an axial load cannot be counted without it. Choose the angle: letters behind the number or the maker’s sheet tell it.',
  limit:
    "How much axial load this bearing bears differs by series, and none is remembered for this one. Give the limit e from the maker's sheet (tapered bearings lie between 0.28 and 0.83).",
}
const NO_LIFE: Record<NoLife, string> = {
  plain: 'Nothing rolls in a spherical plain bearing: its life goes by sliding distance, see its maker.',
  clutch: 'A roller clutch is chosen by its torque, not by rating life: see its maker.',
  linear:
    'A linear ball bearing is rated by the distance it runs, not by turns: see its maker’s figures for load and length of stroke.',
  combined:
    'Needles carry the radial load and balls the axial one: each is rated by itself, with its maker’s figures.',
  noBearing: 'This is no rolling bearing: nothing to rate.',
}

export function lifeProblemText(problem: LifeProblem): string {
  switch (problem.code) {
    case 'notBorne':
      return NOT_BORNE[problem.why]
    case 'notTold':
      return NOT_TOLD[problem.why]
    case 'noLife':
      return NO_LIFE[problem.why]
  }
}
