/** Runs a command of the shop; what it cannot do is said in words, as scripts/setup.sh does, and ends it with status 1. */
export async function runCommand(work: () => Promise<void>): Promise<void> {
  try {
    await work()
  } catch (error) {
    console.error(`Cannot go on: ${error instanceof Error ? error.message : String(error)}`)
    process.exit(1)
  }
}
