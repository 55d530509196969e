// Preloaded into a process whose clock is wrong: dates are off by as many milliseconds as the file AMBER_CLOCK_OFF holds now.
import { readFileSync } from 'node:fs'

const RealDate = Date
const file = process.env.AMBER_CLOCK_OFF ?? ''
let off = 0
let readAt = -Infinity

function now() {
  const real = RealDate.now()
  if (real - readAt > 50) {
    readAt = real
    try {
      off = Number(readFileSync(file, 'utf8')) || 0
    } catch {
      off = 0
    }
  }
  return real + off
}

globalThis.Date = new Proxy(RealDate, {
  construct: (target, args, newTarget) =>
    Reflect.construct(target, args.length === 0 ? [now()] : args, newTarget),
  apply: () => new RealDate(now()).toString(),
  get: (target, name) => (name === 'now' ? now : Reflect.get(target, name)),
})
