import 'server-only'
import * as db from '@/db'
import { ServiceError } from '../errors'

/**
 * Whether a machine, and a position of it, can be named by a job.
 * @param machineId the machine of the job as it will be
 * @throws ServiceError `notFound` for one that is not in the register, `impossible` for a position of another machine
 */
export async function checkPlace(machineId: number | null, positionId: number | null): Promise<void> {
  const machine = machineId === null ? null : await db.findMachine(machineId)
  if (machineId !== null && !machine)
    throw new ServiceError('notFound', `There is no machine ${machineId} in the register.`)
  if (positionId === null || machine?.positions.some(({ id }) => id === positionId)) return
  throw new ServiceError(
    'impossible',
    machine
      ? `${machine.name} has no position ${positionId}. Choose one of its own, or add it.`
      : 'A position belongs to a machine: choose the machine as well.',
  )
}
