import { z } from 'zod'
import { StampText } from '@/contract/evidence'

/** A number that is looked up. */
export const DesignationText = z.string().trim().min(1, 'Give a number, such as 6205-2RS.').pipe(StampText)
