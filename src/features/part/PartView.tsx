'use client'

import * as common from '@/texts/common'
import * as texts from '@/texts/part'
import { partPath } from '@/ui/partPath'
import { Link } from '@/ui/Link'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import { withArticle } from '@/core/capital'
import { citation, familyFacts, isFamily, PIECES } from '@/core/catalogue'
import { OPEN } from '@/core/designation'
import { writeMm } from '@/core/quantity'
import { drawnOptions, type Drawable } from '@/core/section'
import { usePreferences, UnitText } from '@/features/shell'
import type { Application } from '@/core/interchange'
import type { PartSheet } from '@/contract/lookUp'
import { OverlayFigure, SectionFigure, type Laid } from '@/ui/drawing'
import { call } from '@/ui/call'
import { PartNumber } from '@/ui/PartNumber'
import { VerdictMark } from '@/ui/VerdictMark'
import { Equivalents } from './Equivalents'
import { PartFacts } from './PartFacts'
import { ApplicationStrip } from './ApplicationStrip'
import { StampExplained } from './StampExplained'

/** Only cones and cups have mates: their table comes when there are some. */
const Mates = dynamic(() => import('./Mates').then((mates) => mates.Mates))

/** Few parts have a housing: its drawing comes when one is shown. */
const HousingFigure = dynamic(() => import('@/ui/drawing/HousingFigure').then((d) => d.HousingFigure))

const KINDS: Record<string, string> = {
  standard: texts.publishedStandard,
  'common-practice': texts.commonPractice,
  handbook: texts.handbookValues,
  own: texts.enteredHere,
  supplier: texts.fromASuppliersList,
}

/** Sizes that a manufacturer's own table may still differ from. */
const ISSUED: ReadonlySet<string> = new Set(['standard', 'common-practice', 'handbook'])

function drawable(p: PartSheet['part']): Drawable | null {
  const piece = PIECES.find((known) => known === p.piece)
  if (!piece || !isFamily(p.family)) return null
  return {
    family: p.family,
    piece,
    series: p.series,
    dimensions: p.dimensions,
    ...(p.hardware && { hardware: p.hardware }),
  }
}

/** Hardware that is used together with this piece. */
function GoesWith({ companions }: { companions: PartSheet['goesWith'] }) {
  if (companions.length === 0) return null
  return (
    <section className="mt-4">
      <h2 className="mb-1 text-[1.0625rem] font-bold">{texts.goesWith}</h2>
      <ul className="flex flex-wrap gap-1.5">
        {companions.map(({ designation, label }) => (
          <li key={designation}>
            <Link href={partPath(designation)} className="chip gap-2">
              <span className="number font-medium">{designation}</span>
              <span className="text-caption text-ink2">{label}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  )
}

interface Props {
  data: PartSheet
  /** where it works, as far as it is said */
  application: Application
  onApplication: (application: Application) => void
  onUse?: (designation: string) => void
  used?: string
}

/** A part: its number explained, what may stand in, what must not, which rings run with it. */
export function PartView({ data, application, onApplication, onUse, used }: Props) {
  const { unit } = usePreferences()
  const drawn = drawable(data.part)
  const { hardware } = data.part
  const housing = data.part.housing ?? (hardware?.what === 'housing' ? hardware : undefined)
  const [laid, setLaid] = useState<(Laid & { of: string }) | null>(null)
  const over = laid?.of === data.designation ? laid : null
  const layOver = (designation: string): void => {
    if (over?.designation === designation) return setLaid(null)
    call('GET /api/parts', { query: { designation } })
      .then((found) => {
        const other = drawable(found)
        if (other) setLaid({ of: data.designation, designation, part: other })
      })
      .catch(() => setLaid(null))
  }
  return (
    <div className="panes [--panes:318px_minmax(0,1fr)_300px]">
      <section
        aria-label={common.section}
        tabIndex={0}
        className="flex min-h-0 flex-col overflow-auto border-r border-line px-3 py-3"
      >
        <h1 className="number px-1 text-[1.5rem] font-semibold break-note">
          <PartNumber text={data.designation} />
        </h1>
        <p className="px-1 text-[0.875rem] text-ink2">
          {data.part.familyText}
          {data.part.shank && texts.thread(data.part.shank.kind, data.part.shank.thread)}
          {data.part.housing && texts.inOfWithArticle(withArticle(data.part.housing.kind))}
        </p>
        {housing && (
          <div className={hardware ? 'min-h-[230px] flex-1' : 'h-[230px] flex-none'}>
            <HousingFigure
              housing={housing}
              designation={data.designation}
              unit={unit}
              bore={data.part.dimensions['bore']}
            />
          </div>
        )}
        <div className="min-h-[300px] flex-1 max-lg:h-[340px] max-lg:flex-none">
          {drawn && over && (
            <OverlayFigure under={{ designation: data.designation, part: drawn }} over={over} unit={unit} />
          )}
          {drawn && !over && !(hardware && housing) && (
            <SectionFigure
              part={drawn}
              designation={data.designation}
              closure={data.reading?.closure ?? OPEN}
              unit={unit}
              options={drawnOptions(data.reading?.tokens ?? [])}
            />
          )}
        </div>
        {data.part.corner && (
          <p className="px-1 text-[0.84375rem]">
            <UnitText
              text={texts.cornerOfTheRings(
                writeMm(data.part.corner.cornerMm),
                writeMm(data.part.corner.filletMm),
              )}
            />
          </p>
        )}
        {data.part.snapGroove && (
          <p className="px-1 text-[0.84375rem]">
            <UnitText
              text={texts.snapGrooveOfTheRing(
                writeMm(data.part.snapGroove.grooveMm),
                writeMm(data.part.snapGroove.widthMm),
                writeMm(data.part.snapGroove.ringOutsideMm),
                writeMm(data.part.snapGroove.ringThickMm),
              )}
            />
          </p>
        )}
        <p className="px-1 text-caption text-ink3">
          {texts.source(KINDS[data.part.sourceKind] ?? data.part.sourceKind, citation(data.part.source))}{' '}
          {!data.part.verified && texts.unverifiedMeasureThePart}
          {ISSUED.has(data.part.sourceKind) && texts.checkTheManufacturersTable}
        </p>
      </section>
      <section aria-label={texts.whatElseFits} tabIndex={0} className="min-h-0 overflow-auto px-[18px] py-3">
        <PartFacts part={data.part} />
        {data.reading && (
          <>
            <h2 className="caption mb-1.5">{texts.designationExplained}</h2>
            <StampExplained reading={data.reading} others={data.otherReadings} series={data.part.series} />
          </>
        )}
        {data.part.synonyms.length > 0 && (
          <p className="mt-2 text-[0.875rem] text-ink2">
            {texts.alsoWritten} <span className="number">{data.part.synonyms.join(', ')}</span>
          </p>
        )}
        <GoesWith companions={data.goesWith} />
        {data.mates.length > 0 && (
          <div className="mt-4">
            <h2 className="text-[1.0625rem] font-bold">{texts.cupAndCone}</h2>
            {data.part.set && (
              <p className="text-ink2">
                {texts.thisSetIsCone} <b className="number text-ink">{data.part.set.cone}</b> {texts.andCup}{' '}
                <b className="number text-ink">{data.part.set.cup}</b>
                {texts.orderedApartOrTogether}
              </p>
            )}
            <Mates mates={data.mates} />
            <p className="mt-3 rounded-r-lg border-l-4 border-lamp bg-wash px-3 py-2 text-[0.875rem]">
              {texts.cupAndConeWear}
            </p>
          </div>
        )}
        {data.interchange.equivalents.length > 1 && (
          <div className="mt-4">
            <h2 className="mb-2 text-[1.0625rem] font-bold">{texts.substitutes}</h2>
            <div className="mb-3">
              <ApplicationStrip
                turns={
                  !(isFamily(data.part.family) && familyFacts(data.part.family).traits?.includes('linear'))
                }
                application={application}
                onChange={onApplication}
              />
            </div>
            <Equivalents equivalents={data.interchange.equivalents} onUse={onUse} used={used} />
          </div>
        )}
        {data.interchange.equivalents.length <= 1 && data.mates.length === 0 && (
          <div className="mt-4">
            <h2 className="text-[1.0625rem] font-bold">{texts.substitutes}</h2>
            <p className="text-ink2">
              {data.part.family === 'own'
                ? texts.nothingElseIsKnown
                : data.part.piece === 'hardware'
                  ? texts.nothingElseIsKnownTo
                  : texts.nothingElseIsKnownToStand}
            </p>
          </div>
        )}
      </section>
      <section
        aria-label={texts.whatMustNot}
        tabIndex={0}
        className="min-h-0 overflow-auto border-l border-line bg-sheet px-[18px] py-3"
      >
        <h2 className="mb-1 text-[1.0625rem] font-bold">{texts.lookAlikesThatDo}</h2>
        {data.interchange.traps.length === 0 && <p className="text-ink2">{texts.nothingListedComesNear}</p>}
        <ul>
          {data.interchange.traps.map((trap) => (
            <li key={trap.designation} className="grid grid-cols-[20px_1fr] border-b border-line2 py-1.5">
              <VerdictMark verdict="fail" />
              <span>
                <Link
                  href={partPath(trap.designation)}
                  className="number font-medium underline decoration-line underline-offset-4"
                >
                  {trap.designation}
                </Link>
                <button
                  type="button"
                  className="chip float-right px-2"
                  aria-pressed={over?.designation === trap.designation}
                  aria-label={texts.layOverIt(trap.designation)}
                  onClick={() => layOver(trap.designation)}
                >
                  {texts.overlay}
                </button>
                <span className="block text-[0.875rem] text-ink2">
                  <UnitText text={trap.why} />
                </span>
              </span>
            </li>
          ))}
        </ul>
      </section>
    </div>
  )
}
