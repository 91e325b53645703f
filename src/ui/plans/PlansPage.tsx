import { Button, FileButton, Stack } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { useMemo, useState } from 'react'
import { limits } from '@core/base/limits'
import { pacesOf, type PacesKnown } from '@core/class/compute'
import type { Paces } from '@core/pace/pace'
import type { Plan } from '@core/plan/plan'
import type { Problem } from '@core/base/result'
import { classSentences } from '@core/summary/sentence/class-sentences'
import { pieceNames } from '@core/summary/names'
import { blocksOf } from '@core/timeline/blocks'
import { compileTimeline } from '@core/timeline/compile'
import { formatSeconds } from '@core/base/units'
import { fromText } from '../kit/from-text'
import { api, ApiError } from '../kit/api'
import { Kit } from '../kit/Kit'
import { NameInPlace } from '../kit/NameInPlace'
import { tellProblem } from '../kit/notice'
import { usePutAway } from '../kit/put-away'
import { Ribbon } from '../kit/Ribbon'
import kit from '../kit/kit.module.css'
import shell from '../shell/shell.module.css'
import styles from './plans.module.css'

interface Imported {
  plan: Plan
  exercisesAdded: string[]
  exercisesMissing: string[]
}

interface PlansPageProps {
  plans: Plan[]
  /** How fast this hall's exercises go, for lists of reps. */
  paced: PacesKnown
}

/** The hall's reusable plans: seen, saved as files, read from files. */
export function PlansPage(props: PlansPageProps) {
  return (
    <Kit>
      <Plans {...props} />
    </Kit>
  )
}

function Plans({ plans: initial, paced }: PlansPageProps) {
  const [plans, setPlans] = useState(initial)
  const paces = useMemo(() => pacesOf(paced), [paced])
  const putAway = usePutAway()
  const byName = (list: Plan[]) => list.sort((a, b) => a.name.localeCompare(b.name))
  const remove = (plan: Plan) =>
    putAway({
      address: `/api/plans/${plan.id}`,
      name: plan.name,
      onAway: () => setPlans((now) => now.filter(({ id }) => id !== plan.id)),
      onBack: () => setPlans((now) => byName([...now, plan])),
    })

  const { mutate: rename } = useMutation({
    mutationFn: ({ plan, name }: { plan: Plan; name: string }) =>
      api<{ plan: Plan }>('PUT', `/api/plans/${plan.id}`, { name, before: plan.name }),
    onSuccess: ({ plan }) => setPlans((now) => byName(now.map((known) => (known.id === plan.id ? plan : known)))),
    onError: tellProblem,
  })
  const { mutate: copy } = useMutation({
    mutationFn: (plan: Plan) =>
      api<{ plan: Plan }>('POST', '/api/plans', { ...plan, name: `${plan.name.slice(0, limits.nameLength - 5)} copy` }),
    onSuccess: ({ plan }) => setPlans((now) => byName([...now, plan])),
    onError: tellProblem,
  })

  const {
    mutate: take,
    data: done,
    error,
    isPending,
  } = useMutation({
    mutationFn: async (file: File) => api<Imported>('POST', '/api/plans/import', await readFile(file)),
    onSuccess: ({ plan }) => setPlans((now) => byName([...now, plan])),
  })
  const problems: Problem[] = !error
    ? []
    : error instanceof ApiError
      ? error.problems
      : [{ code: 'file', field: '', message: error.message }]

  return (
    <div className={shell.page}>
      <div className={shell.pageHead}>
        <h1>Plans</h1>
        <span className="second">shapes of class to begin from</span>
        <span className="push">
          <a className="second" href="/put-away">
            What was put away
          </a>
          <FileButton onChange={(file) => file && take(file)} accept="application/json,.json">
            {(props) => (
              <Button {...props} loading={isPending} variant="default">
                Read a plan file
              </Button>
            )}
          </FileButton>
        </span>
      </div>
      {problems.length > 0 && (
        <div className={`${shell.sheet} ${kit.note}`} data-severity="mend" role="alert">
          <b>The file was not taken</b>
          <ul>
            {problems.map((problem) => (
              <li key={problem.message}>{problem.message}</li>
            ))}
          </ul>
        </div>
      )}
      {done && (
        <div className={`${shell.sheet} ${kit.note}`} data-severity="fine" role="status">
          <b>{done.plan.name} is in</b>
          <p>
            {done.exercisesAdded.length > 0 && `Added to the exercises: ${done.exercisesAdded.join(', ')}. `}
            {done.exercisesMissing.length > 0 && `Neither the file nor this hall describes: ${done.exercisesMissing.join(', ')}.`}
          </p>
        </div>
      )}
      {plans.length === 0 && (
        <div className={`${shell.sheet} ${kit.empty}`}>
          <h2>No plans yet</h2>
          <p>Read one from a file, or save a class as a plan from the menu at its top.</p>
          <Button component="a" href="/">
            See the classes
          </Button>
        </div>
      )}
      <Stack gap={10}>
        {plans.map((plan) => (
          <PlanCard
            key={plan.id}
            plan={plan}
            paces={paces}
            onRename={(name) => rename({ plan, name })}
            onCopy={() => copy(plan)}
            onPutAway={() => remove(plan)}
          />
        ))}
      </Stack>
    </div>
  )
}

async function readFile(file: File): Promise<unknown> {
  if (file.size > limits.jsonBytes) throw new Error(`The file is larger than ${limits.jsonBytes / 1000} kB, the most that is taken.`)
  try {
    return JSON.parse(await file.text())
  } catch {
    throw new Error(`${file.name} is not a JSON file.`)
  }
}

interface PlanCardProps {
  plan: Plan
  paces: Paces
  onRename: (name: string) => void
  onCopy: () => void
  onPutAway: () => void
}

function PlanCard({ plan, paces, onRename, onCopy, onPutAway }: PlanCardProps) {
  const timeline = compileTimeline(plan, paces)
  return (
    <article className={`${shell.sheet} ${styles.plan}`} aria-label={plan.name}>
      <div className={`${shell.pageHead} ${styles.planHead}`}>
        <NameInPlace level={2} label={`Name of ${plan.name}`} name={plan.name} onName={onRename} whole />
        <span className="second">
          {timeline.ok && formatSeconds(timeline.value.total)} of {formatSeconds(plan.slotSeconds)}
        </span>
        <span className="push">
          <Button component="a" href={`/?plan=${plan.id}`} size="xs">
            New class from this
          </Button>
          <Button component="a" href={`/api/plans/${plan.id}/file`} download size="xs" variant="default">
            Save as file
          </Button>
          <Button size="xs" variant="default" aria-label={`Copy ${plan.name}`} onClick={onCopy}>
            Copy
          </Button>
          <Button size="xs" variant="default" aria-label={`Put ${plan.name} away`} onClick={onPutAway}>
            Put away
          </Button>
        </span>
      </div>
      {timeline.ok ? (
        <div className={styles.planRibbon}>
          <Ribbon blocks={blocksOf(timeline.value, pieceNames(plan))} total={timeline.value.total} names={false} scale={false} />
          <p>{classSentences(plan, timeline.value, [])[0]}</p>
        </div>
      ) : (
        timeline.problems.map((problem) => (
          <p className={kit.mend} key={problem.message}>
            {problem.message}
          </p>
        ))
      )}
    </article>
  )
}

export const PlansPageIsland = fromText(PlansPage)
