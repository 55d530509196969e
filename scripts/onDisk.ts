import { closeSync, fsyncSync, openSync, renameSync, writeFileSync } from 'node:fs'
import { dirname } from 'node:path'

function sync(path: string): void {
  const handle = openSync(path, 'r')
  fsyncSync(handle)
  closeSync(handle)
}

/** Waits until a file and its name are on the disk: a power cut does not take them any more. */
export function onDisk(file: string): void {
  sync(file)
  sync(dirname(file))
}

/** Gives a file that is whole its name; both are on the disk then. */
export function nameOnDisk(from: string, to: string): void {
  sync(from)
  renameSync(from, to)
  sync(dirname(to))
}

/** Writes a file whole and on the disk, or not at all. */
export function writeOnDisk(file: string, text: string): void {
  writeFileSync(`${file}.new`, text)
  nameOnDisk(`${file}.new`, file)
}
