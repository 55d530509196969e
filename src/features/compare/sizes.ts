import * as common from '@/texts/common'
import * as texts from '@/texts/compare'

/** Sizes that may be measured on either part. */
export const SIZES = [
  ['bore', common.bore],
  ['outside', common.outside],
  ['width', common.width],
  ['totalWidth', texts.totalWidth],
] as const
