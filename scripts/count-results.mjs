// Adds up what the steps of ./test wrote, says again what failed and why, and prints the closing line: who sees only the
// end of a long output finds it there. A step that left nothing counts as failed.
import { existsSync, readFileSync } from 'node:fs'
import { join } from 'node:path'

const folder = process.argv[2]
let passed = 0
let failed = 0
let leftOut = 0
const read = (name) => {
  const path = join(folder, name)
  return existsSync(path) ? readFileSync(path, 'utf8') : undefined
}
const count = (name, good, bad) => {
  passed += good
  failed += bad
  if (bad > 0) console.log(`${name}: ${bad} failed`)
}

const longest = 4_000
const tell = (what, why) => console.log(`✘ ${what}\n${why.slice(0, longest)}\n`)
const tellFile = ({ name, message, assertionResults }) => {
  const failed = assertionResults.filter(({ status }) => status === 'failed')
  for (const test of failed) tell(`${name} › ${test.fullName}`, test.failureMessages.join('\n'))
  if (failed.length === 0) tell(name, message)
}

for (const name of ['format', 'lint', 'build']) {
  const good = read(`${name}.check`)?.trim() === 'passed'
  if (!good) tell(name, (read(`${name}.log`) ?? '').slice(-longest))
  count(name, Number(good), Number(!good))
}
for (const name of ['unit', 'server']) {
  const text = read(`${name}.json`)
  if (!text) count(name, 0, 1)
  else {
    const { numPassedTests, numFailedTests, numFailedTestSuites, numPendingTests, success, testResults } = JSON.parse(text)
    for (const file of testResults.filter(({ status }) => status === 'failed')) tellFile(file)
    const bad = numFailedTests || (success ? 0 : Math.max(1, numFailedTestSuites))
    count(name, numPassedTests, bad)
    leftOut += numPendingTests
  }
}
const text = read('browser.json')
if (!text) count('browser', 0, 1)
else {
  const { stats, errors } = JSON.parse(text)
  count('browser', stats.expected + stats.flaky, stats.unexpected + errors.length)
  leftOut += stats.skipped
}
if (leftOut > 0) console.log(`${leftOut} tests were left out this time; EVERY=1 ./test tries all.`)
console.log(`${passed} passed, ${failed} failed`)
process.exit(failed === 0 && passed > 0 ? 0 : 1)
