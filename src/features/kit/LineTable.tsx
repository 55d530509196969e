'use client'

import { UnitText } from '@/features/shell'
import type { KitResponse } from '@/contract/kit'

type Line = KitResponse['lines'][number]

interface Props {
  lines: readonly Line[]
  selected: string | null
  onSelect: (slot: string) => void
}

const amount = (quantity: number, unit: Line['unit']): string =>
  quantity === 0 ? '–' : unit === 'g' ? `${quantity} g` : String(quantity)

function Balloon({ n, line, chosen }: { n: number; line: Line; chosen: boolean }) {
  const edge =
    line.state === 'filled'
      ? 'border-ink'
      : line.state === 'gap'
        ? 'border-dashed border-lamp-ink text-lamp-ink'
        : 'border-contra text-contra'
  return (
    <span
      className={`number inline-flex size-6 items-center justify-center rounded-full border-[1.6px] text-[0.8125rem] font-semibold ${edge} ${chosen ? 'bg-lamp text-[#24211b]' : ''}`}
    >
      {n}
    </span>
  )
}

function tagOf(line: Line): string | null {
  if (line.state === 'conflict') return 'does not fit'
  if (line.state === 'gap') return 'missing'
  if (line.singleUse) return 'single use'
  if (line.assumed) return 'to confirm'
  if (line.stays) return 'stays'
  if (line.stock && line.stock.free < line.quantity) return 'short'
  if (line.role === 'cone' || line.role === 'cup') return 'replace as a set'
  return null
}

/** The lines of the kit in fitting order, tied to the balloons. */
export function LineTable({ lines, selected, onSelect }: Props) {
  return (
    <table aria-label="Lines of the kit" className="w-full text-[0.90625rem]">
      <thead className="caption text-left">
        <tr>
          <th scope="col" className="w-11 px-2 py-1.5">
            <span className="sr-only">Balloon</span>
          </th>
          <th scope="col" className="px-2 font-semibold">
            Part
          </th>
          <th scope="col" className="px-2 font-semibold">
            Number
          </th>
          <th scope="col" className="px-2 text-right font-semibold max-sm:hidden">
            Per unit
          </th>
          <th scope="col" className="px-2 text-right font-semibold">
            Total
          </th>
          <th scope="col" className="px-2 text-right font-semibold">
            Available
          </th>
          <th scope="col" className="px-2 max-sm:hidden">
            <span className="sr-only">Remark</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {lines.map((line, i) => {
          const tag = tagOf(line)
          const chosen = line.slot === selected
          return (
            <tr
              key={line.slot}
              data-slot={line.slot}
              data-state={line.state}
              onClick={() => onSelect(line.slot)}
              className={`h-[35px] cursor-pointer border-t border-line2 ${line.state === 'filled' ? '' : 'bg-wash'} ${chosen ? 'shadow-[inset_4px_0_var(--lamp)]' : ''}`}
            >
              <td className="px-2">
                <Balloon n={i + 1} line={line} chosen={chosen} />
              </td>
              <td className="px-2">
                <button
                  type="button"
                  id={`line-${line.slot}`}
                  className="min-h-[34px] text-left font-medium"
                  aria-current={chosen ? 'true' : undefined}
                  onClick={() => onSelect(line.slot)}
                >
                  {line.words}
                </button>
              </td>
              <td className={`px-2 ${line.designation ? 'number' : 'text-lamp-ink'}`}>
                {line.designation || 'not chosen'}
                {tag && <span className="tag mb-1 block w-fit font-sans sm:hidden">{tag}</span>}
              </td>
              <td className="number px-2 text-right text-ink2 max-sm:hidden">
                <UnitText text={amount(line.quantityPerPosition, line.unit)} />
              </td>
              <td className="number px-2 text-right font-medium">
                <UnitText text={amount(line.quantity, line.unit)} />
              </td>
              <td
                className={`number px-2 text-right ${line.stock && line.stock.free < line.quantity ? 'text-contra' : 'text-ink2'}`}
              >
                {line.stock ? line.stock.free : ''}
              </td>
              <td className="px-2 max-sm:hidden">{tag && <span className="tag">{tag}</span>}</td>
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}
