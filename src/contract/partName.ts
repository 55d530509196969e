import { z } from 'zod'

export const PartName = z.object({
  /** such as the order number of the machine's maker */
  name: z.string().trim().min(2, 'A name has at least two characters.').max(80, 'At most 80 characters.'),
  designation: z.string().trim().min(1, 'Which part is it?').max(80, 'At most 80 characters.'),
})
export const PartNames = z.object({ names: z.array(PartName) })
