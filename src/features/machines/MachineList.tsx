'use client'

import type { MachineChoice } from '@/features/job'
import { Frame } from '@/features/shell'

interface Props {
  machines: readonly (MachineChoice & { note: string })[]
}

/** The register: machines, their positions and what was fitted last. */
export function MachineList({ machines }: Props) {
  return (
    <Frame
      about={<b className="font-semibold text-ink">Machines and positions</b>}
      state={`${machines.length} machines`}
    >
      <div role="region" aria-label="Machine register" tabIndex={0} className="h-full overflow-auto">
        <div className="mx-auto max-w-[1000px] px-6 py-4">
          <h1 className="mb-3 text-[21px] font-bold">Machine register</h1>
          {machines.length === 0 && (
            <p className="text-ink2">No machines yet. They come in with their first job.</p>
          )}
          {machines.map((machine) => (
            <section
              key={machine.id}
              id={`machine-${machine.id}`}
              className="mb-5 rounded-lg border border-line bg-sheet px-5 py-3"
            >
              <h2 className="text-[17px] font-bold">
                {machine.name} <span className="font-normal text-ink2">· {machine.place}</span>
              </h2>
              <p className="mb-2 text-[14px] text-ink2">{machine.note}</p>
              <table className="w-full text-[14.5px]">
                <thead className="caption text-left">
                  <tr>
                    <th className="py-1 font-semibold">Position</th>
                    <th className="font-semibold">Fitted last</th>
                    <th className="font-semibold">Arrangement</th>
                    <th className="text-right font-semibold">Places</th>
                  </tr>
                </thead>
                <tbody>
                  {machine.positions.map((p) => (
                    <tr key={p.id} className="h-9 border-t border-line2">
                      <td>{p.name}</td>
                      <td className="number">
                        {p.fitted || <span className="font-sans text-ink3">nothing recorded</span>}
                      </td>
                      <td>{p.arrangement ?? '–'}</td>
                      <td className="number text-right">{p.quantity}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </section>
          ))}
        </div>
      </div>
    </Frame>
  )
}
