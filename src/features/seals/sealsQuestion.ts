import { readFigure, type FieldQuantity } from '@/core/quantity'

/** What is typed of a seal, by field. */
export type SealValues = Partial<
  Record<'shaft' | 'housing' | 'width' | 'rpm' | 'temperatureC' | 'medium' | 'lip', string>
>

/** A figure in the unit of the interface; what cannot be read goes as it is, to be refused. */
function inPlainUnit(typed: string | undefined, quantity: FieldQuantity): string | undefined {
  const figure = readFigure(typed ?? '', quantity)
  return Number.isNaN(figure) ? typed : String(figure)
}

/** What is asked of the server; null while journal or counterbore are not known. */
export function sealsQuestion({ rpm, temperatureC, ...values }: SealValues) {
  if (!values.shaft?.trim() || !values.housing?.trim()) return null
  const work = { rpm: inPlainUnit(rpm, 'turns'), temperatureC: inPlainUnit(temperatureC, 'temperature') }
  return { query: filled({ ...values, ...work }) }
}

/** The fields in which something stands. */
export const filled = (values: SealValues): Record<string, string> =>
  Object.fromEntries(
    Object.entries(values).flatMap(([name, value]) => (value?.trim() ? [[name, value.trim()]] : [])),
  )
