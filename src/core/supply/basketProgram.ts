import { basketOf, picksOf, type Basket, type Offer, type Terms, type WantedLine } from './bestBasket'

/** A basket as a mixed integer program, and how its answer is read back. */
export interface BasketProgram {
  /** text in the CPLEX LP format */
  lp: string
  /** the same without whole numbers: its best value is a bound that no basket beats */
  relaxed: string
  /** @param chosen whether the column of this name is 1 */
  basket: (chosen: (column: string) => boolean) => Basket
}

/** Whole coins and packs: terms of a sum, wrapped as the format asks. */
const sumOf = (terms: readonly (readonly [number, string])[]): string =>
  terms.map(([factor, column]) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${column}`).join('\n  ')

/**
 * The cheapest basket as a program for a solver, for more suppliers than can be looked at one by one: one offer a line; freight of
 * every supplier that is used, unless its free sum is reached; the longest wait.
 * @param dayWorth what a day of waiting costs, smallest coin, ≥ 0
 * @returns null when nobody offers anything
 */
export function basketProgram(
  lines: readonly WantedLine[],
  offers: readonly Offer[],
  terms: readonly Terms[],
  dayWorth = 0,
): BasketProgram | null {
  const picks = picksOf(lines, offers)
  const all = picks.flatMap((choices, line) =>
    choices.map((pick, i) => ({ pick, column: `x${line}_${i}`, line })),
  )
  if (all.length === 0) return null
  const suppliers = [...new Set(all.map(({ pick }) => pick.supplier))].map((supplier, s) => ({
    freight: terms.find((t) => t.supplier === supplier)?.freight ?? 0,
    freeFrom: terms.find((t) => t.supplier === supplier)?.freeFrom ?? null,
    of: all.filter(({ pick }) => pick.supplier === supplier),
    s,
  }))
  const objective = sumOf([
    ...all.map(({ pick, column }) => [pick.cost, column] as const),
    ...suppliers.map(({ freight, s }) => [freight, `f${s}`] as const),
    ...(dayWorth > 0 ? [[dayWorth, 'days'] as const] : []),
  ])
  const constraints = [
    ...picks.flatMap((choices, line) =>
      choices.length === 0 ? [] : [`${sumOf(choices.map((_, i) => [1, `x${line}_${i}`]))} = 1`],
    ),
    ...suppliers.flatMap(({ freeFrom, of, s }) => [
      // A supplier that is used is paid for, or has reached its free sum.
      ...of.map(
        ({ column }) =>
          `${sumOf([[1, column], [-1, `f${s}`], ...(freeFrom === null ? [] : [[-1, `w${s}`] as const])])} <= 0`,
      ),
      ...(freeFrom === null
        ? []
        : [
            `${sumOf([...of.map(({ pick, column }) => [pick.cost, column] as const), [-freeFrom, `w${s}`]])} >= 0`,
          ]),
    ]),
    ...(dayWorth > 0
      ? picks.flatMap((choices, line) =>
          choices.length === 0
            ? []
            : [
                `${sumOf([...choices.map((pick, i) => [pick.leadTimeDays, `x${line}_${i}`] as const), [-1, 'days']])} <= 0`,
              ],
        )
      : []),
  ]
  const columns = [
    ...all.map(({ column }) => column),
    ...suppliers.flatMap(({ freeFrom, s }) => (freeFrom === null ? [`f${s}`] : [`f${s}`, `w${s}`])),
  ]
  const program = (kind: string): string =>
    [
      'Minimize',
      ` cost: ${objective}`,
      'Subject To',
      ...constraints.map((text, i) => ` c${i}: ${text}`),
      kind,
      'End',
    ].join('\n')
  return {
    lp: program(`Binary\n ${columns.join('\n ')}`),
    relaxed: program(`Bounds\n ${columns.map((column) => `0 <= ${column} <= 1`).join('\n ')}`),
    basket: (chosen) =>
      basketOf(
        all.flatMap(({ pick, column }) => (chosen(column) ? [pick] : [])),
        picks.flatMap((choices, line) => (choices.length === 0 ? [line] : [])),
        terms,
      ),
  }
}
