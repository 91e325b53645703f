// Asks one app, as fast as it answers, for the heaviest things that it allows: node bench/flooder.mjs BASE SECONDS. Prints how
// often each kind was answered, and how.
const [base, seconds] = process.argv.slice(2)
const json = async (path) => (await fetch(base + path)).json()
const { document } = await json('/api/classes/demo-lunch')
const headers = { 'content-type': 'application/json' }
const people = Array.from({ length: 200 }, (_, index) => ({
  id: `p${index}`,
  name: `P${index}`,
  level: 'regular',
  goEasy: index % 5 ? [] : ['knee'],
}))
const exercises = ['goblet-squat', 'front-plank', 'band-row', 'reverse-lunge']
const stations = (count, uses = 1) =>
  Array.from({ length: count }, (_, s) => ({
    id: `s${s}`,
    uses: Array.from({ length: uses }, (_, u) => ({ id: `u${s}-${u}`, exerciseId: exercises[(s + u) % exercises.length] })),
  }))
const planOf = (circuit) => ({
  id: 'heavy',
  name: 'Heavy',
  slotSeconds: 21_600,
  parts: [
    {
      id: 'part',
      pieces: [
        {
          id: 'circuit',
          type: 'circuit',
          travel: 'rotate',
          laps: 12,
          transition: { seconds: 5 },
          stay: { kind: 'intervals', workSeconds: [10] },
          ...circuit,
        },
      ],
    },
  ],
})
const turning = planOf({ stations: stations(40) })
const long = planOf({
  travel: 'together',
  laps: 6,
  stay: { kind: 'intervals', workSeconds: Array(10).fill(3), gapSeconds: 1 },
  stations: stations(40, 10),
})
const list = planOf({
  travel: 'together',
  laps: 1,
  stay: { kind: 'task', goal: 'cap', capSeconds: 3600 },
  stations: [{ id: 'one', uses: stations(40).map(({ uses: [use] }) => ({ ...use, reps: { count: 10 } })) }],
})
const large = {
  ...document,
  name: 'Large',
  here: people.slice(0, 80).map(({ id }) => id),
  walkIns: people.slice(0, 80),
  fromHome: [],
  arranged: undefined,
  spots: undefined,
  rotations: undefined,
  groupSize: 'pairs',
  plan: turning,
}
const made = await (await fetch(`${base}/api/classes`, { method: 'POST', headers, body: JSON.stringify(large) })).json()
const post = (path, body) => ({ path, method: 'POST', body: JSON.stringify(body) })
const kinds = {
  timeline: post('/api/timeline', { plan: long }),
  rotation: post('/api/rotation', {
    people: people.slice(0, 120).map(({ name }) => name),
    stations: 40,
    turns: 200,
    rule: 'mixedGroups',
    groupSize: 'trios',
  }),
  'gear count': post('/api/gear-count', { plan: turning, people: people.slice(0, 80) }),
  findings: post('/api/findings', { plan: list, people }),
  'open a large room': post(`/api/classes/${made.id}/runs`, {}),
  'change a large class': { ...post(`/api/classes/${made.id}`, { version: 1, document: large }), method: 'PUT' },
  'Classes page': { path: '/' },
  'Shape of a large class': { path: `/classes/${made.id}/shape` },
  'rehearsal of a large class': { path: `/api/classes/${made.id}/rehearsal` },
  log: { path: '/log' },
  exercises: { path: '/exercises' },
}
const counted = Object.fromEntries(Object.keys(kinds).map((kind) => [kind, {}]))
const until = performance.now() + Number(seconds) * 1000
await Promise.all(
  Object.entries(kinds).map(async ([kind, { path, ...more }]) => {
    while (performance.now() < until) {
      const answer = await fetch(base + path, { ...more, headers }).then(
        async (response) => (await response.arrayBuffer(), response.status),
        () => 'none',
      )
      counted[kind][answer] = (counted[kind][answer] ?? 0) + 1
      // Who is told to wait, waits a little.
      if (answer === 429) await new Promise((resolve) => setTimeout(resolve, 100))
    }
  }),
)
console.log(JSON.stringify(counted))
