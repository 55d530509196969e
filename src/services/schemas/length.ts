import { z } from 'zod'
import { lengthProblemWords, readLength, toMm } from '@/core/quantity'

/** A length in millimetres, or text as people type it (inches only where they are said). */
export const lengthMm = z.union([
  z.number().positive('A size is larger than zero.').max(3000, 'Larger than 3000 mm. Check the unit.'),
  z
    .string()
    .max(40)
    .transform((text, context) => {
      const read = readLength(text)
      if (read.ok)
        return toMm(read.value.value, read.value.stated ?? (read.value.form === 'fraction' ? 'in' : 'mm'))
      context.addIssue({ code: 'custom', message: lengthProblemWords(read.problem) })
      return z.NEVER
    }),
])
