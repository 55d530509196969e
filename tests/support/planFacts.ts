import { DEFAULT_PRACTICES, type PlanFacts } from '@/core/procedure'

/** Nothing found, measured or said yet: what a plan knows besides its arrangement and kit. */
export const NOTHING_SAID: Omit<PlanFacts, 'arrangement' | 'kit'> = {
  fits: [],
  inspected: [],
  checkNext: [],
  stuck: { onShaft: false, inHub: false },
  run: 'yes',
  encoder: null,
  hubHas: null,
  wet: false,
  firstSide: '',
  nut: null,
  grease: { amount: null, reason: '', thickener: '', note: '' },
  practices: DEFAULT_PRACTICES,
  toolbox: [],
  fittedOn: '2026-05-01',
  betweenMm: null,
  depths: [],
}
