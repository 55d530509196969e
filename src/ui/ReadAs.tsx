import { readForm, writeMm, type FormRole } from '@/core/quantity'
import * as texts from '@/texts/ui'

interface Props {
  fields: readonly { name: string; text: string; role: FormRole }[]
}

/** Lengths of a form that were read as inches although nobody said so: told, with the way to say otherwise. */
export function ReadAs({ fields }: Props) {
  const inches = [...readForm(fields)].flatMap(([name, reading]) =>
    reading.ok && reading.unit === 'in' && reading.reason !== 'stated' && reading.reason !== 'fraction'
      ? [texts.mm(name, writeMm(reading.mm))]
      : [],
  )
  if (inches.length === 0) return null
  return (
    <p className="text-caption text-lamp-ink" data-testid="read-as">
      {texts.readAsInchesWrite(inches.join(', '))}
    </p>
  )
}
