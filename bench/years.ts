import { get } from 'node:http'
import type { ResultsSheet } from '../src/core/results/sheet'
import { onDatabase } from '../tests/fixtures/database'
import { asker, press, type Asker } from '../tests/fixtures/hall'
import { startServer } from '../tests/fixtures/server'
import { percentile } from './clock'

/** Twelve classes a week, each with twenty people of a hundred: 62,400 attendances, each with results, in five years. */
const [perWeek, each, cohorts] = [12, 20, 5]
const perYear = 52 * perWeek

const name = (person: number) => `Regular ${String(person).padStart(3, '0')}`
const idOf = (person: number) => `regular-${person}`

/** A class that was run with one of the five lots of people, each of whom lifted something and said how hard it was: what years are copied from. */
async function played(hall: Asker, cohort: number): Promise<string> {
  const people = Array.from({ length: each }, (_, index) => cohort * each + index)
  for (const person of people)
    await hall.post('/api/people', { id: idOf(person), name: name(person), level: 'regular', goEasy: [], goEasyNote: '', loads: {} })
  const { document } = (await hall.get('/api/classes/demo-lunch')).body as { document: object }
  const { id } = (await hall.post('/api/classes', { ...document, groupSize: 'fit', here: people.map(idOf) })).body as { id: string }
  const run = ((await hall.post(`/api/classes/${id}/runs`)).body as { id: string }).id
  await press(hall, run, 0, 'start')
  await press(hall, run, 1, { type: 'goto', phase: 20 })
  await press(hall, run, 2, 'finish')
  const { places } = (await hall.get(`/api/runs/${run}/results`)).body as ResultsSheet
  const lifted = places.find(({ measure }) => measure === 'load')!
  const cells = people.flatMap((person) => [
    {
      place: '',
      measure: 'effort',
      personId: idOf(person),
      before: '',
      outcome: { value: { measure: 'effort', effort: 5 + (person % 5) } },
    },
    { ...lifted, personId: idOf(person), before: '', outcome: { value: { measure: 'load', kilograms: 8 + (person % 9) } } },
  ])
  await hall.put(`/api/runs/${run}/results`, {
    cells: cells.map(({ place, measure, personId, before, outcome }) => ({ place, measure, personId, before, outcome })),
  })
  await hall.get(`/api/runs/${run}/record`)
  return run
}

/** One more year before those there are: every week has its twelve classes, each of which has a task of its own, week after week. */
const addYear = async (url: string, runIds: string[], year: number) => {
  const made = `made as (
    select n, n % ${perWeek} as kind, template.id as template, 'y${year}-' || n as id,
      now() - make_interval(days => ${364 * (year - 1) + 15} + 7 * (n / ${perWeek}), hours => 2 * (n % ${perWeek})) as at
    from generate_series(0, ${perYear - 1}) n join unnest($1::text[]) with ordinality template (id, place) on place = (n / ${perWeek} + n) % ${cohorts} + 1)`
  const statements = [
    `with ${made} insert into class (hall_id, id, name, starts_at, document, format)
       select class.hall_id, made.id, 'Weekly ' || kind, at, jsonb_set(class.document, '{name}', to_jsonb('Weekly ' || kind)), class.format
       from made join run on run.id = template join class on class.hall_id = run.hall_id and class.id = run.class_id`,
    `with ${made} insert into run (hall_id, id, class_id, snapshot, format, version, sequence, created_at, started_at, ended_at, record, record_version, record_sequence)
       select hall_id, 'r-' || made.id, made.id, jsonb_set(snapshot, '{name}', to_jsonb('Weekly ' || kind)), format, version, sequence, at, at,
         at + interval '40 minutes', record, record_version, record_sequence
       from made join run on run.id = template`,
    `with ${made} insert into run_event select hall_id, 'r-' || made.id, sequence, run_event.id, run_event.at, who, command from made join run_event on run_id = template`,
    `with ${made} insert into attendance select hall_id, 'r-' || made.id, person_id, made.id, made.at, 40, did, partners, go_easy from made join attendance on run_id = template`,
    `with ${made} insert into task select distinct hall_id, task_key || kind, jsonb_set(document, '{lines}', to_jsonb(array['kind ' || kind]))
       from made join result using (template) join task using (hall_id) where task.key = task_key on conflict do nothing`.replace(
      'using (template)',
      'on run_id = template',
    ),
    `with ${made} insert into result (hall_id, run_id, place, measure, person_id, name, at, task_key, option, outcome, entry, is_entered)
       select hall_id, 'r-' || made.id, place, measure, person_id, name, made.at, task_key || case measure when 'effort' then '' else kind::text end, option, outcome, entry, true
       from made join result on run_id = template`,
  ]
  for (const statement of statements) await onDatabase(url, statement, [runIds])
}

/** How long an answer takes at the server, and how large it is on the wire. */
const answer = (address: string): Promise<{ ms: number; bytes: number }> =>
  new Promise((resolve, reject) => {
    const begun = performance.now()
    get(address, { headers: { 'accept-encoding': 'gzip' } }, (response) => {
      let bytes = 0
      response.on('data', (chunk: Buffer) => (bytes += chunk.byteLength))
      response.on('end', () =>
        response.statusCode === 200
          ? resolve({ ms: performance.now() - begun, bytes })
          : reject(new Error(`${address}: ${response.statusCode}`)),
      )
    }).on('error', reject)
  })

/** How long pages take at the server with one, two and five years of classes behind, and how long it takes to erase a person. */
export async function benchYears(url: string): Promise<void> {
  const server = await startServer(url)
  const hall = asker(server.base)
  try {
    const runIds: string[] = []
    for (let cohort = 0; cohort < cohorts; cohort++) runIds.push(await played(hall, cohort))
    // One whom no measurement before has erased.
    const someone = idOf(57)
    const paths = [
      '/',
      '/log',
      `/log?search=${encodeURIComponent(name(57))}`,
      '/runs/r-y1-7/record',
      `/people/${someone}`,
      '/people',
      '/api/classes/y1-7/log',
      '/api/classes/demo-lunch/past-partners',
    ]
    console.log('Answers with years of classes behind: ms at the median and at the 95th of 40, kB on the wire (aims: 200 ms, 60 kB)')
    let years = 0
    for (const until of [1, 2, 5]) {
      while (years < until) await addYear(url, runIds, ++years)
      await onDatabase(url, 'analyze')
      const [count] = await onDatabase<{ rows: number }>(url, 'select count(*)::int as rows from attendance')
      console.log(`  ${until === 1 ? '1 year' : `${until} years`}, ${count!.rows} attendances`)
      for (const path of paths) {
        const found = []
        for (let time = 0; time < 41; time++) found.push(await answer(server.base + path))
        const times = found.slice(1).map(({ ms }) => ms)
        const figures = [percentile(times, 0.5), percentile(times, 0.95), found.at(-1)!.bytes / 1000].map((figure) =>
          figure.toFixed(0).padStart(5),
        )
        console.log(`  ${figures.join(' ')}  ${path}`)
      }
      const begun = performance.now()
      await hall.remove(`/api/people/${idOf(until)}`)
      console.log(`  ${(performance.now() - begun).toFixed(0).padStart(5)} ms to erase a person`)
    }
  } finally {
    await server.kill()
  }
}
