'use client'

import { Frame } from '@/features/shell'
import type { StatusResponse } from '@/contract/status'
import * as common from '@/texts/common'
import * as texts from '@/texts/status'
import { useTimes } from '@/ui/Times'
import { VerdictMark } from '@/ui/VerdictMark'

const GB = 1000
const size = (mb: number): string =>
  mb >= GB ? `${(mb / GB).toFixed(1)} GB` : mb >= 1 ? `${mb.toFixed(1)} MB` : `${Math.ceil(mb * 1000)} kB`

/** How the server is: version, room, copies, faults, and what has to be looked after. */
export function StatusScreen({ status }: { status: StatusResponse }) {
  const { time, zone } = useTimes()
  const { backup, disk, errors, warnings } = status
  const facts: [string, string][] = [
    [texts.version, texts.schema(status.version, status.schema)],
    [texts.runningSince, time(status.startedAt)],
    [
      texts.lastCopyOfEverything,
      backup ? `${time(backup.at)}, ${size(backup.mb)}, ${backup.name}` : texts.noneYet,
    ],
    [texts.disk, texts.freeOf(size(disk.freeMb), size(disk.allMb))],
    [texts.database, texts.jobs(size(status.databaseMb), status.jobs)],
    [texts.memoryOfThisProcess, size(status.memoryMb)],
    [texts.times, texts.inZone(zone)],
  ]
  return (
    <Frame about={<h1 className="font-semibold text-ink">{common.serverStatus}</h1>}>
      <div role="region" aria-label={common.serverStatus} tabIndex={0} className="h-full overflow-auto">
        <div className="mx-auto max-w-[900px] px-4 py-5">
          {warnings.length === 0 ? (
            <p className="mb-4 text-agree">
              <VerdictMark verdict="pass" isSaid /> {texts.nothingHasToBe}
            </p>
          ) : (
            <ul className="mb-4 grid gap-2">
              {warnings.map((warning) => (
                <li key={warning} className="rounded-r-lg border-l-4 border-contra bg-wash px-3 py-2">
                  {warning}
                </li>
              ))}
            </ul>
          )}
          <dl className="grid sm:grid-cols-[220px_1fr]">
            {facts.map(([name, value]) => (
              <div key={name} className="contents">
                <dt className="border-t border-line2 pt-2 text-ink2 sm:pb-2">{name}</dt>
                <dd className="pb-2 break-words sm:border-t sm:border-line2 sm:pt-2">{value}</dd>
              </div>
            ))}
          </dl>
          <h2 className="mt-6 mb-1 text-[1.0625rem] font-bold">{texts.latestFaults}</h2>
          {errors.length === 0 ? (
            <p className="text-ink2">{texts.noneInTheLog}</p>
          ) : (
            <ul className="text-[0.9rem]">
              {errors.map((error, i) => (
                <li key={i} className="border-t border-line2 py-1.5">
                  <span className="number text-ink3">{time(error.at)}</span> {error.message}
                  {error.request && <span className="text-ink2"> {texts.request(error.request)}</span>}
                </li>
              ))}
            </ul>
          )}
        </div>
      </div>
    </Frame>
  )
}
