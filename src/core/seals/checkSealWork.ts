import { lipSpeed } from './lipSpeed'
import { DOUBLE_LIP_SHARE, SEAL_MATERIALS, type Medium } from './sealMaterials'

/** What a seal must stand; everything may be unknown. */
export interface SealWork {
  rpm?: number | undefined
  medium?: Medium | undefined
  temperatureC?: number | undefined
  lip?: 'single' | 'double' | undefined
}

export interface SealCheck {
  check: 'material' | 'medium' | 'temperature' | 'speed' | 'lip'
  result: 'pass' | 'warn' | 'fail'
  detail: string
}

/**
 * Whether a lip of a material stands the work: medium, heat and speed (limits: handbook values from memory).
 * @param material code of the elastomer, such as NBR
 * @param shaftMm journal, mm
 */
export function checkSealWork(
  { lip: hasLip, material: code }: { lip: string; material: string },
  shaftMm: number,
  { rpm, medium, temperatureC, lip }: SealWork,
): SealCheck[] {
  const material = SEAL_MATERIALS.find((m) => m.code === code)
  if (!material)
    return [
      { check: 'material', result: 'warn', detail: `Nothing is known here of ${code}: ask the seal maker.` },
    ]
  const checks: SealCheck[] = []
  if (lip === 'double' && hasLip === 'single')
    checks.push({
      check: 'lip',
      result: 'warn',
      detail:
        'Listed with one lip: order the same size with a dust lip where dirt and wash-down come from outside.',
    })
  if (medium)
    checks.push(
      material.not.includes(medium)
        ? { check: 'medium', result: 'fail', detail: `${code} does not stand ${medium}.` }
        : material.ask.includes(medium)
          ? { check: 'medium', result: 'warn', detail: `${code} in ${medium}: ask the seal maker.` }
          : { check: 'medium', result: 'pass', detail: `${code} stands ${medium}.` },
    )
  if (temperatureC !== undefined) {
    const stands = temperatureC >= material.minC && temperatureC <= material.maxC
    checks.push({
      check: 'temperature',
      result: stands ? 'pass' : 'fail',
      detail: `${code} is for ${material.minC} to ${material.maxC} °C; ${temperatureC} °C at work.`,
    })
  }
  if (rpm !== undefined) {
    const speed = lipSpeed(shaftMm, rpm)
    // Of the seal there is, and of the one with a dust lip that is wanted.
    const hasDustLip = hasLip === 'double' || lip === 'double'
    const limit = material.maxSpeed * (hasDustLip ? DOUBLE_LIP_SHARE : 1)
    checks.push({
      check: 'speed',
      result: speed > limit ? 'fail' : speed > 0.8 * limit ? 'warn' : 'pass',
      detail: `${speed.toFixed(1)} m/s at the lip; ${code} ${hasDustLip ? 'with a dust lip ' : ''}to about ${limit.toFixed(0)} m/s.`,
    })
  }
  return checks
}

/** Elastomers that stand the work, the plainest first: what to order in the same size. */
export const materialsFor = (shaftMm: number, work: SealWork): string[] =>
  SEAL_MATERIALS.filter(({ code }) =>
    checkSealWork({ lip: work.lip ?? 'single', material: code }, shaftMm, work).every(
      (c) => c.result !== 'fail',
    ),
  ).map(({ code }) => code)
