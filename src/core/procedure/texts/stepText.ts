import { capital } from '../../capital'
import type { Step, StepFacts } from '../steps'
import { CHECK_TEXTS } from './checkTexts'
import { FINISH_TEXTS } from './finishTexts'
import { MOUNTING_TEXTS, started } from './mountingTexts'
import { REMOVAL_TEXTS } from './removalTexts'
import type { StepText, TextsOf } from './textsOf'

const TEXTS: TextsOf<StepFacts> = {
  ...REMOVAL_TEXTS,
  ...CHECK_TEXTS,
  ...MOUNTING_TEXTS,
  ...FINISH_TEXTS,
}

/** The text of a step, begun with a capital. */
export function stepText({ code, data, start }: Pick<Step, 'code' | 'data' | 'start'>): StepText {
  const write = TEXTS[code] as (data: Step['data']) => StepText
  const text = start === undefined ? write(data) : started(write(data), start)
  return { ...text, text: capital(text.text).replace(/\s+/g, ' ').trim() }
}
