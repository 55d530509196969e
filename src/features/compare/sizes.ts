/** Sizes that may be measured on either part. */
export const SIZES = [
  ['bore', 'Bore'],
  ['outside', 'Outside'],
  ['width', 'Width'],
  ['totalWidth', 'Total width'],
] as const
