import type { Slot } from '@/core/kit'

/** Kinds of place in the trade's words. */
export const ROLE_WORDS: Record<Slot['role'], string> = {
  cone: 'cone',
  cup: 'cup',
  ballBearing: 'ball bearing',
  bearing: 'any bearing',
  insert: 'insert bearing',
  hubUnit: 'hub unit',
  balls: 'loose balls',
  seal: 'seal',
  wearSleeve: 'wear sleeve',
  washer: 'spindle washer',
  castleNut: 'castle nut',
  lockNut: 'lock nut',
  lockWasher: 'tab washer',
  cotterPin: 'cotter pin',
  cap: 'hub cap',
  snapRing: 'snap ring',
  spacerTube: 'spacer tube',
  wheelSpacer: 'wheel spacer',
  plain: 'other part',
  check: 'something to look at',
  consumable: 'consumable',
  grease: 'grease',
}
