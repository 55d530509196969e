'use client'

import { useMemo } from 'react'
import { UnitText } from '@/features/shell'
import type { KitResponse } from '@/contract/kit'
import * as common from '@/texts/common'
import * as texts from '@/texts/kit'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'

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

const isShort = ({ stock, quantity }: Line): boolean =>
  stock !== undefined && stock !== null && stock.free < quantity

function tagOf(line: Line): string | null {
  if (line.state === 'conflict') return common.doesNotFit
  if (line.state === 'gap') return 'missing'
  if (line.singleUse) return common.singleUse
  if (line.assumed) return texts.toConfirm
  if (line.stays) return 'stays'
  if (isShort(line)) return 'short'
  if (line.role === 'cone' || line.role === 'cup') return texts.replaceAsASet
  return null
}

/** @param chosen slot of the line that is open */
const columnsFor = (chosen: string | null, onSelect: Props['onSelect']): Column<Line>[] => [
  {
    id: 'balloon',
    head: texts.balloon,
    headHidden: true,
    className: 'w-11',
    cell: (line, i) => <Balloon n={i + 1} line={line} chosen={line.slot === chosen} />,
  },
  {
    id: 'part',
    head: common.part,
    cell: (line) => (
      <button
        type="button"
        id={`line-${line.slot}`}
        className="min-h-[34px] text-left font-medium"
        aria-current={line.slot === chosen ? 'true' : undefined}
        onClick={() => onSelect(line.slot)}
      >
        {line.label}
      </button>
    ),
  },
  {
    id: 'number',
    head: common.number,
    cell: (line) => (
      <>
        <span className={line.designation ? 'number' : 'text-lamp-ink'}>
          {line.designation || texts.notChosen}
        </span>
        {tagOf(line) && <span className="tag mb-1 block w-fit sm:hidden">{tagOf(line)}</span>}
      </>
    ),
  },
  {
    id: 'perUnit',
    head: texts.perUnit,
    figures: true,
    wide: true,
    className: 'text-ink2',
    cell: (line) => <UnitText text={amount(line.quantityPerPosition, line.unit)} />,
  },
  {
    id: 'total',
    head: common.total,
    figures: true,
    className: 'font-medium',
    cell: (line) => <UnitText text={amount(line.quantity, line.unit)} />,
  },
  {
    id: 'available',
    head: common.available,
    figures: true,
    cell: (line) => (
      <span className={isShort(line) ? 'text-contra' : 'text-ink2'}>{line.stock ? line.stock.free : ''}</span>
    ),
  },
  {
    id: 'remark',
    head: texts.remark,
    headHidden: true,
    wide: true,
    cell: (line) => tagOf(line) && <span className="tag">{tagOf(line)}</span>,
  },
]

/** The lines of the kit in fitting order, tied to the balloons. */
export function LineTable({ lines, selected, onSelect }: Props) {
  const columns = useMemo(() => columnsFor(selected, onSelect), [selected, onSelect])
  return (
    <DataTable
      label={texts.linesOfTheKit}
      rows={lines}
      columns={columns}
      keyOf={({ slot }) => slot}
      rowHeight={35}
      rowClass={({ slot, state }) =>
        `${state === 'filled' ? '' : 'bg-wash'} ${slot === selected ? 'shadow-[inset_4px_0_var(--lamp)]' : ''}`
      }
      rowData={({ slot, state }) => ({ 'data-slot': slot, 'data-state': state })}
      onRow={({ slot }) => onSelect(slot)}
    />
  )
}
