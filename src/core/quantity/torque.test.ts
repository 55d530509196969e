import { expect, it } from 'vitest'
import { NM_PER_LBFFT, readTorque, TORQUE_UNITS, torqueProblemText, writeTorque } from './torque'

// 1 lbf·ft = 1.355 817 948 331 400 4 N·m, exact from the definitions of pound, gravity and foot (NIST SP 811).
it('the factor is exact', () => expect(NM_PER_LBFFT).toBeCloseTo(1.3558179483314004, 15))

it.each<[string, number]>([
  ['110 Nm', 110],
  ['110 N·m', 110],
  ['81 lbf ft', 109.82],
  ['81 ft-lb', 109.82],
  ['81 lb-ft', 109.82],
  ['12,5 N m', 12.5],
  // 1 lbf·in = 0.112 984 8 N·m, 1 kgf = 9.806 65 N (NIST SP 811).
  ['40 lbf·in', 4.52],
  ['40 in-lb', 4.52],
  ['2 kgf·m', 19.61],
  ['50 kgf cm', 4.9],
  ['45 dN·m', 4.5],
  // As manuals and people write them (common practice).
  ...['N-m', 'N.m', 'N m', 'newton metres', 'Newton-meters'].map((unit): [string, number] => [
    `110 ${unit}`,
    110,
  ]),
  ...['ft. lbs.', 'ft-lbs', 'ft.lb', 'lb. ft.', 'lbf/ft', 'foot-pounds', 'pound feet', 'FT LBF'].map(
    (unit): [string, number] => [`81 ${unit}`, 109.82],
  ),
  ...['in. lbs', 'inch-pounds', 'lb in', 'in/lb', 'pound inches'].map((unit): [string, number] => [
    `40 ${unit}`,
    4.52,
  ]),
  ...['kg-m', 'mkg', 'kpm', 'kgf m', 'kg·m'].map((unit): [string, number] => [`2 ${unit}`, 19.61]),
  ['50 kg.cm', 4.9],
  ['2 daNm', 20],
])('%s is %d N·m', (text, nm) => {
  const read = readTorque(text)
  expect(read.ok && read.value).toBeCloseTo(nm, 2)
})

it.each([
  ['110', 'noUnit'],
  ['110 ', 'noUnit'],
  ['110 kg', 'unit'],
  ['110 psi', 'unit'],
  ['tight', 'figure'],
  ['', 'figure'],
  ['0 Nm', 'range'],
  ['9000 Nm', 'range'],
  ['1,200 in-lb', 'grouped'],
  ['80-100 Nm', 'between'],
  ['80 to 100 Nm', 'between'],
  ['5 lb', 'unit'],
  ['5 constructor', 'unit'],
  ['5 m', 'unit'],
])('“%s” is refused: %s', (text, code) =>
  expect(readTorque(text)).toMatchObject({ ok: false, problem: { code } }),
)

it('no refusal names a figure that could be taken for a torque', () => {
  for (const code of ['noUnit', 'range'] as const)
    expect(torqueProblemText({ code })).not.toMatch(/\b(?!2000\b)[1-9]\d+\b/)
  for (const unit of TORQUE_UNITS) expect(readTorque(`1 ${unit}`).ok, unit).toBe(true)
})

it('is written in both units', () => expect(writeTorque(110)).toBe('110 N·m (81 lbf·ft)'))
