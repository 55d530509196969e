'use client'

import type { ConvertResponse } from '@/contract/convert'
import { UnitText } from '@/features/shell'
import * as common from '@/texts/common'
import * as texts from '@/texts/convert'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'

type SeatPart = ConvertResponse['seats'][number]['parts'][number]

const partColumns = (chosen: string | null, onChoose: (designation: string) => void): Column<SeatPart>[] => [
  {
    id: 'number',
    head: common.number,
    className: 'w-[130px] py-1 align-top',
    cell: ({ designation }) => (
      <button
        type="button"
        className="chip number"
        aria-pressed={designation === chosen}
        onClick={() => onChoose(designation)}
      >
        {designation}
      </button>
    ),
  },
  {
    id: 'sizes',
    head: texts.sizes,
    className: 'number w-[180px] py-2 align-top text-[0.84375rem]',
    cell: ({ bore, outside, width }) => <UnitText text={texts.mm(bore, outside, width)} />,
  },
  {
    id: 'rating',
    head: texts.rating,
    figures: true,
    className: 'w-[84px] py-2 align-top text-[0.84375rem] text-ink2',
    cell: ({ ratingKn }) => <UnitText text={texts.kn(ratingKn.toFixed(1))} />,
  },
  {
    id: 'remarks',
    head: common.remarks,
    className: 'py-2 align-top text-ink2',
    cell: ({ sensible, message }) => (
      <>
        {sensible ? '' : <b className="text-contra">{texts.notAdvised} </b>}
        <UnitText text={message} />
      </>
    ),
  },
]

interface Props {
  seats: ConvertResponse['seats']
  onChoose: (end: number, designation: string) => void
}

/** What goes into each end, with why something does not. */
export function SeatParts({ seats, onChoose }: Props) {
  return (
    <>
      {seats.map((seat, i) => (
        <div key={i} className="mb-4">
          <h2 className="text-[1.0625rem] font-bold">
            {seats.length > 1 ? texts.end(i + 1) : texts.fitsThisSeat}
          </h2>
          {seat.parts.length === 0 && (
            <p className="text-ink2" data-testid="none">
              {texts.nothingOfThatKind}
            </p>
          )}
          {seat.parts.length > 0 && seat.chosen === null && (
            <p className="text-[0.90625rem]" data-testid="not-sensible">
              <b>{texts.nothingSensible}</b> {texts.whatComesNearIs}
            </p>
          )}
          {seat.parts.length > 0 && (
            <DataTable
              label={texts.partsForThisSeat}
              rows={seat.parts}
              columns={partColumns(seat.chosen, (designation) => onChoose(i, designation))}
              keyOf={({ designation }) => designation}
            />
          )}
        </div>
      ))}
    </>
  )
}
