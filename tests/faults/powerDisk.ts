import { spawnSync } from 'node:child_process'
import { existsSync, mkdirSync, renameSync, rmSync } from 'node:fs'
import { resolve } from 'node:path'

/** Room for a database with its logs and the copy of an upgrade. */
const SIZE_MB = 700
/** Copies until two in a row are alike: the system may still be writing behind a program that stands still. */
const MAX_COPIES = 20

const run = (command: string, ...args: string[]): boolean =>
  spawnSync(command, args, { stdio: 'ignore' }).status === 0

/**
 * A disk that the power can be taken from: a file system of its own in a file. What a program has written but not synced is in
 * memory only, as on a real disk; `cut` takes the file as it is at that moment. Needs the right to mount: `usable` says whether.
 */
export class PowerDisk {
  readonly usable: boolean
  private readonly image: string

  constructor(readonly folder = resolve('.local/fault-power')) {
    this.image = `${folder}.img`
    mkdirSync(folder, { recursive: true })
    this.end()
    this.usable =
      run('truncate', '-s', `${SIZE_MB}M`, this.image) &&
      run('mkfs.ext4', '-q', '-F', this.image) &&
      this.mount()
    if (!this.usable) this.end()
  }

  /**
   * Takes the power away. Everything that writes has to stand still (SIGSTOP) when it is called.
   * @param end ends what stands still, before the disk is there again
   * @throws Error when the disk does not come to rest
   */
  cut(end: () => void): void {
    const cut = `${this.image}.cut`
    let copies = 0
    do {
      if (copies++ > MAX_COPIES) throw new Error('The disk does not come to rest.')
      run('cp', '--sparse=always', this.image, cut)
    } while (!run('cmp', '-s', this.image, cut))
    end()
    if (!run('umount', this.folder)) throw new Error('Something still holds the disk.')
    renameSync(cut, this.image)
    if (!this.mount()) throw new Error('The disk is not there again.')
  }

  /** Lets go of the disk; what is on it is gone. */
  end(): void {
    run('umount', this.folder)
    for (const file of [this.image, `${this.image}.cut`]) if (existsSync(file)) rmSync(file)
  }

  private mount(): boolean {
    return run('mount', '-o', 'loop', this.image, this.folder)
  }
}
