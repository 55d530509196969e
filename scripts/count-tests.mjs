// Adds up the steps and the reports of the test runners; prints the closing line; exits 1 when anything failed.
import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

const [, , folder = '.'] = process.argv
const read = (name) =>
  existsSync(join(folder, name)) ? JSON.parse(readFileSync(join(folder, name), 'utf8')) : null
let passed = 0
let failed = 0

const steps = readFileSync(join(folder, 'steps'), 'utf8').trim().split('\n')
for (const step of steps) {
  if (step.startsWith('pass')) passed++
  else failed++
}

const ran = [
  ['core.json', (r) => [r.numPassedTests, r.numTotalTests - r.numPassedTests]],
  ['api.json', (r) => [r.numPassedTests, r.numTotalTests - r.numPassedTests]],
  ['faults.json', (r) => [r.numPassedTests, r.numTotalTests - r.numPassedTests]],
  ['e2e.json', (r) => [r.stats.expected + r.stats.flaky, r.stats.unexpected + r.stats.skipped]],
]
for (const [name, count] of ran) {
  const report = read(name)
  const [good, bad] = report ? count(report) : [0, 1]
  if (!report || good + bad === 0) console.error(`No test was run in ${name}`)
  passed += good
  failed += report && good + bad === 0 ? 1 : bad
}
const retried = (suite) => [
  ...(suite.specs ?? []).filter(({ tests }) => tests.some(({ status }) => status === 'flaky')),
  ...(suite.suites ?? []).flatMap(retried),
]
for (const { title } of (read('e2e.json')?.suites ?? []).flatMap(retried))
  console.log(`passed at the second try: ${title}`)
for (const step of steps.filter((s) => s.startsWith('fail'))) console.log(`failed: ${step.slice(5)}`)
console.log(`${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)
