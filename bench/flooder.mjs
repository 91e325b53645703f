// Asks one app, as fast as it answers, for the heaviest things that it allows: node bench/flooder.mjs BASE SECONDS. Prints how often each kind was answered, and how.
const [base, seconds] = process.argv.slice(2)
const json = async (path) => (await fetch(base + path)).json()
const { document } = await json('/api/classes/demo-lunch')
const people = Array.from({ length: 200 }, (_, index) => ({ id: `p${index}`, name: `P${index}`, level: 'regular', goEasy: index % 5 ? [] : ['knee'] }))
const stations = Array.from({ length: 40 }, (_, index) => ({ id: `s${index}`, uses: [{ id: `u${index}`, exerciseId: index % 2 ? 'goblet-squat' : 'front-plank' }] }))
const plan = structuredClone(document.plan)
const main = plan.parts.flatMap((part) => part.pieces).find((piece) => piece.stations?.length > 1)
Object.assign(main, { stations, laps: 12, vary: [] })
main.stay = { kind: 'intervals', workSeconds: [10], gapSeconds: 0, sets: 1, setRestSeconds: 0 }
main.transition = { seconds: 5, how: 'walk' }
const long = { id: 'long', name: 'Long', slotSeconds: 21_600, parts: [{ id: 'part', pieces: [{ id: 'c', type: 'circuit', travel: 'together', laps: 12, stay: { kind: 'intervals', workSeconds: Array(5).fill(2), gapSeconds: 1, sets: 2 }, stations: stations.map((station) => ({ ...station, uses: [] })) }] }] }
const list = structuredClone(document.plan)
const only = list.parts.flatMap((part) => part.pieces).find((piece) => piece.stations?.length > 1)
Object.assign(only, { travel: 'together', laps: 1, vary: [], stay: { kind: 'task', openerCount: 0, rungRestSeconds: 0, goal: 'cap', capSeconds: 3600 } })
only.stations = [{ id: 'one', uses: Array.from({ length: 40 }, (_, index) => ({ id: `l${index}`, exerciseId: 'goblet-squat', reps: { count: 10, counted: 'total' } })) }]
const large = { ...document, name: 'Large', here: people.slice(0, 80).map(({ id }) => id), walkIns: people.slice(0, 80), arranged: undefined, groupSize: 'pairs', plan }
const made = await (await fetch(`${base}/api/classes`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(large) })).json()
const post = (path, body) => ({ path, method: 'POST', body: JSON.stringify(body) })
const kinds = {
  timeline: post('/api/timeline', { plan: long }),
  rotation: post('/api/rotation', { people: people.map(({ name }) => name), stations: 40, turns: 2000, rule: 'mixedGroups', groupSize: 'trios' }),
  'gear count': post('/api/gear-count', { plan, people: people.slice(0, 80) }),
  findings: post('/api/findings', { plan: list, people }),
  'open a large room': post(`/api/classes/${made.id}/runs`, {}),
  'Classes page': { path: '/' },
  'Shape of a large class': { path: `/classes/${made.id}/shape` },
  'Gear of a large class': { path: `/classes/${made.id}/gear` },
  rehearsal: { path: `/classes/${made.id}/rehearsal` },
  log: { path: '/log' },
  exercises: { path: '/exercises' },
}
const counted = Object.fromEntries(Object.keys(kinds).map((kind) => [kind, {}]))
const until = performance.now() + Number(seconds) * 1000
await Promise.all(
  Object.entries(kinds).map(async ([kind, { path, ...more }]) => {
    while (performance.now() < until) {
      const answer = await fetch(base + path, { ...more, headers: { 'content-type': 'application/json' } }).then(async (response) => (await response.arrayBuffer(), response.status), () => 'none')
      counted[kind][answer] = (counted[kind][answer] ?? 0) + 1
      // Who is told to wait, waits a little.
      if (answer === 429) await new Promise((resolve) => setTimeout(resolve, 100))
    }
  }),
)
console.log(JSON.stringify(counted))
