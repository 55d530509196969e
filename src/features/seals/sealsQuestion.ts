/** What is typed of a seal, by field. */
export type SealValues = Partial<
  Record<'shaft' | 'housing' | 'width' | 'rpm' | 'temperatureC' | 'medium' | 'lip', string>
>

/** What is asked of the server; null while journal or counterbore are not known. */
export function sealsQuestion(values: SealValues) {
  if (!values.shaft?.trim() || !values.housing?.trim()) return null
  return { query: filled(values) }
}

/** The fields in which something stands. */
export const filled = (values: SealValues): Record<string, string> =>
  Object.fromEntries(
    Object.entries(values).flatMap(([name, value]) => (value.trim() === '' ? [] : [[name, value.trim()]])),
  )
