import { onDatabase } from '../tests/fixtures/database'
import { startServer } from '../tests/fixtures/server'
import { percentile } from './clock'

/** Classes a hall has in a year: nine a week. */
const perYear = 450

/** One more year of classes and runs before those there are, each a copy of a class of the demo with a run that was played. */
const addYear = (url: string, runId: string, year: number) =>
  onDatabase(
    url,
    `with made as (
       insert into class (hall_id, id, name, starts_at, document, format, version, updated_at)
       select hall_id, 'y${year}-' || n, name, now() - make_interval(days => ${365 * (year - 1)}) - n * interval '19 hours', document, format, 1, now()
       from class, generate_series(1, ${perYear}) n where id = (select class_id from run where id = $1) returning hall_id, id, starts_at)
     insert into run (hall_id, id, class_id, snapshot, format, version, sequence, created_at, started_at, ended_at)
     select made.hall_id, 'r-' || made.id, made.id, run.snapshot, run.format, 1, 0, starts_at, starts_at, starts_at + interval '40 minutes'
     from made, run where run.id = $1`,
    [runId],
  )

/** How long pages take at the server with one, two and five years of classes behind, and how long it takes to erase a person. */
export async function benchYears(url: string): Promise<void> {
  const server = await startServer(url)
  const post = async (path: string, body: unknown = {}) =>
    (await (
      await fetch(server.base + path, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })
    ).json()) as { id: string }
  try {
    const { id: runId } = await post('/api/classes/demo-lunch/runs')
    const paths = [
      '/',
      '/log',
      '/people',
      '/classes/demo-lunch/shape',
      '/api/classes/demo-lunch/log',
      '/api/classes/demo-lunch/past-partners',
    ]
    console.log('Answers with years of classes behind, ms (median of 9)')
    console.log(`  years  ${paths.join('  ')}  erasing a person`)
    let years = 0
    for (const until of [1, 2, 5]) {
      while (years < until) await addYear(url, runId, ++years)
      await onDatabase(url, 'analyze')
      const medians = []
      for (const path of paths) {
        const times = []
        for (let time = 0; time < 10; time++) {
          const begun = performance.now()
          await (await fetch(server.base + path)).text()
          times.push(performance.now() - begun)
        }
        medians.push(percentile(times.slice(1), 0.5))
      }
      const [person] = await onDatabase<{ id: string }>(url, 'select id from person order by id limit 1')
      const begun = performance.now()
      await fetch(`${server.base}/api/people/${person!.id}`, {
        method: 'DELETE',
        headers: { 'content-type': 'application/json' },
        body: '{}',
      })
      const erased = performance.now() - begun
      console.log(
        `  ${String(until).padStart(5)}  ${medians.map((ms, index) => ms.toFixed(0).padStart(paths[index]!.length)).join('  ')}  ${erased.toFixed(0).padStart(16)}`,
      )
    }
  } finally {
    await server.kill()
  }
}
