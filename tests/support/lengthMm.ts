import { readLength, toMm } from '@/core/quantity'

/** A length as text in mm; its unit must be told. */
export const lengthMm = (text: string): number => {
  const read = readLength(text)
  return read.ok ? toMm(read.value.value, read.value.stated ?? 'mm') : NaN
}
