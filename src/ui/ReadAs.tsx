import { readForm, writeMm, type FormRole } from '@/core/quantity'

interface Props {
  fields: readonly { name: string; text: string; role: FormRole }[]
}

/** Lengths of a form that were read as inches although nobody said so: told, with the way to say otherwise. */
export function ReadAs({ fields }: Props) {
  const inches = [...readForm(fields)].flatMap(([name, reading]) =>
    reading.ok && reading.unit === 'in' && reading.reason !== 'stated' && reading.reason !== 'fraction'
      ? [`${name} ${writeMm(reading.mm)} mm`]
      : [],
  )
  if (inches.length === 0) return null
  return (
    <p className="text-caption text-lamp-ink" data-testid="read-as">
      Read as inches: {inches.join(', ')}. Write mm behind it if it is not.
    </p>
  )
}
