import A1 from '../../../data/arrangements/A1.json'
import A2 from '../../../data/arrangements/A2.json'
import A3 from '../../../data/arrangements/A3.json'
import A4 from '../../../data/arrangements/A4.json'
import B1 from '../../../data/arrangements/B1.json'
import B2 from '../../../data/arrangements/B2.json'
import B3 from '../../../data/arrangements/B3.json'
import B4 from '../../../data/arrangements/B4.json'
import C1 from '../../../data/arrangements/C1.json'
import C2 from '../../../data/arrangements/C2.json'
import D1 from '../../../data/arrangements/D1.json'
import E1 from '../../../data/arrangements/E1.json'
import F1 from '../../../data/arrangements/F1.json'
import G1 from '../../../data/arrangements/G1.json'
import H1 from '../../../data/arrangements/H1.json'
import J1 from '../../../data/arrangements/J1.json'
import K1 from '../../../data/arrangements/K1.json'
import K2 from '../../../data/arrangements/K2.json'
import L1 from '../../../data/arrangements/L1.json'
import M1 from '../../../data/arrangements/M1.json'
import { ArrangementFile, arrangementProblemText, resolveArrangement, type Arrangement } from './arrangement'

/** The arrangements that ship, as they are written (common practice). */
export const SHIPPED_FILES: readonly ArrangementFile[] = [
  A1,
  A2,
  A3,
  A4,
  B1,
  B2,
  B3,
  B4,
  C1,
  C2,
  D1,
  E1,
  F1,
  G1,
  H1,
  J1,
  K1,
  K2,
  L1,
  M1,
].map((file) => ArrangementFile.parse(file))

const shipped = (code: string): ArrangementFile | undefined =>
  SHIPPED_FILES.find((file) => file.code === code)

/** The arrangements that ship, by code. */
export const ARRANGEMENTS: ReadonlyMap<string, Arrangement> = new Map(
  SHIPPED_FILES.map((file) => {
    const resolved = resolveArrangement(file, shipped)
    if (!resolved.ok) throw new Error(`data/arrangements: ${arrangementProblemText(resolved.problem)}`)
    return [file.code, resolved.value]
  }),
)

/** A shipped arrangement. @throws Error for a code that does not ship */
export function arrangementOf(code: string): Arrangement {
  const found = ARRANGEMENTS.get(code)
  if (!found) throw new Error(`no arrangement ${code} ships`)
  return found
}
