import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

/** The text of a PDF that was answered. @param layout columns stand beside each other, as on the paper */
export async function paperText(response: Response, layout = false): Promise<string> {
  const folder = mkdtempSync(join(tmpdir(), 'paper-'))
  try {
    const file = join(folder, 'paper.pdf')
    writeFileSync(file, Buffer.from(await response.arrayBuffer()))
    return spawnSync('pdftotext', [...(layout ? ['-layout'] : []), file, '-'], { encoding: 'utf8' }).stdout
  } finally {
    rmSync(folder, { recursive: true })
  }
}
