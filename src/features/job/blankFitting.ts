import type { FittingDraft } from '@/contract/plan'

/** Nothing measured, decided or ticked yet. */
export const BLANK_FITTING: FittingDraft = {
  seats: {},
  load: 'normal',
  materials: {},
  firstSide: '',
  hubHas: null,
  depths: [],
  fields: {},
  torques: {},
  done: {},
  fittedOn: '',
  signed: null,
}
