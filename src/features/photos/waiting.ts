/** Jobs with photographs that the server has not got. */
export async function jobsWithWaitingPhotos(): Promise<number[]> {
  const { waitingPhotos } = await import('./outbox')
  return [...new Set((await waitingPhotos()).map(({ jobId }) => jobId))]
}

/** Forgets photographs that were never sent: after signing out they are nobody's. */
export async function forgetWaitingPhotos(): Promise<void> {
  const { forgetPhotos } = await import('./outbox')
  await forgetPhotos()
}
