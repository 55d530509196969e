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
  ...['looks.json', 'e2e.json'].map((name) => [
    name,
    (r) => [r.stats.expected + r.stats.flaky, r.stats.unexpected + r.stats.skipped],
  ]),
]
for (const [name, count] of ran) {
  const report = read(name)
  const [good, bad] = report ? count(report) : [0, 1]
  if (!report || good + bad === 0) console.error(`No test was run in ${name}`)
  passed += good
  failed += report && good + bad === 0 ? 1 : bad
}
/** The browser tests that did not pass at once, each with what was wrong at each try. */
const troubled = (suite) => [
  ...(suite.specs ?? []).filter(({ tests }) =>
    tests.some(({ status }) => status === 'flaky' || status === 'unexpected'),
  ),
  ...(suite.suites ?? []).flatMap(troubled),
]
const COLOURS = /\u001b\[[\d;]*m/g
for (const { title, ok, tests } of ['looks.json', 'e2e.json'].flatMap((name) =>
  (read(name)?.suites ?? []).flatMap(troubled),
)) {
  console.log(`${ok ? 'passed at the second try' : 'failed'}: ${title}`)
  for (const { error, duration } of tests.flatMap(({ results }) => results))
    if (error)
      console.log(
        `  after ${Math.round(duration / 1000)} s: ${(error.message ?? '').replace(COLOURS, '').slice(0, 600)}\n  ${(error.snippet ?? '').replace(COLOURS, '')}`,
      )
}
const wrong = (name) =>
  (read(name)?.testResults ?? []).flatMap(({ assertionResults }) =>
    assertionResults.filter(({ status }) => status === 'failed'),
  )
for (const { fullName, failureMessages } of ['core.json', 'api.json', 'faults.json'].flatMap(wrong))
  console.log(`failed: ${fullName}\n  ${failureMessages.join('\n').replace(COLOURS, '').slice(0, 600)}`)
for (const step of steps.filter((s) => s.startsWith('fail'))) console.log(`failed: ${step.slice(5)}`)
console.log(`${passed} passed, ${failed} failed`)
process.exit(failed === 0 ? 0 : 1)
