'use client'

import type { ConvertResponse } from '@/contract/convert'
import { UnitText } from '@/features/shell'
import type { Column } from '@/ui/table/column'
import { DataTable } from '@/ui/table/DataTable'

type SeatPart = ConvertResponse['seats'][number]['parts'][number]

const partColumns = (chosen: string | null, onChoose: (designation: string) => void): Column<SeatPart>[] => [
  {
    id: 'number',
    head: 'Number',
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
    head: 'Sizes',
    className: 'number w-[180px] py-2 align-top text-[0.84375rem]',
    cell: ({ bore, outside, width }) => <UnitText text={`${bore} × ${outside} × ${width} mm`} />,
  },
  {
    id: 'rating',
    head: 'Rating',
    figures: true,
    className: 'w-[84px] py-2 align-top text-[0.84375rem] text-ink2',
    cell: ({ ratingKn }) => <UnitText text={`${ratingKn.toFixed(1)} kN`} />,
  },
  {
    id: 'remarks',
    head: 'Remarks',
    className: 'py-2 align-top text-ink2',
    cell: ({ sensible, message }) => (
      <>
        {sensible ? '' : <b className="text-contra">Not advised. </b>}
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
            {seats.length > 1 ? `End ${i + 1}` : 'Fits this seat'}
          </h2>
          {seat.parts.length === 0 && (
            <p className="text-ink2" data-testid="none">
              Nothing of that kind carries enough in this seat. Change axle and hub together, or keep what is
              in it.
            </p>
          )}
          {seat.parts.length > 0 && seat.chosen === null && (
            <p className="text-[0.90625rem]" data-testid="not-sensible">
              <b>Nothing sensible.</b> What comes near is too weak, or cuts strength away: change axle and hub
              together, or keep what is in it.
            </p>
          )}
          {seat.parts.length > 0 && (
            <DataTable
              label="Parts for this seat"
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
