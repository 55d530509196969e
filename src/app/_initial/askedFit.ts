import 'server-only'
import { FitRequest } from '@/contract/fit'
import type { firstSeatQuestion } from '@/features/fits'
import { fit } from '@/services/fits'
import { parse } from '@/services/parse'
import { asked } from './WithInitial'

/** The fit of the seat a screen opens with; nothing where it has none. */
export const askedFit = (question: ReturnType<typeof firstSeatQuestion>) =>
  question ? [asked('POST /api/fits/check', question, () => fit(parse(FitRequest, question.body)))] : []
