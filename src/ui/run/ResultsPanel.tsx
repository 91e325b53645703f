import { useState, type SyntheticEvent } from 'react'
import { measureNames } from '@core/results/outcome'
import type { ResultsSheet } from '@core/results/sheet'
import { Fetched } from '../kit/Fetched'
import { useCalledOut } from '../record/use-called-out'
import { columnKey, useSheet, type Column, type Sheet } from '../record/use-sheet'
import { Panel } from './Panel'
import styles from './panel.module.css'

/** Results as they are called out, in the room or after the class. */
export function ResultsPanel({ runId, onClose }: { runId: string; onClose: () => void }) {
  const address = `/api/runs/${runId}/results`
  return (
    <Panel title="Results" onClose={onClose}>
      <Fetched<ResultsSheet> address={address} what="The results">
        {(sheet) => <Called address={address} first={sheet} />}
      </Fetched>
    </Panel>
  )
}

function Called({ address, first }: { address: string; first: ResultsSheet }) {
  const sheet = useSheet(address, first)
  const { places, people } = sheet.sheet
  const columns = places.filter(({ measure }) => measure !== 'reps' && measure !== 'load')
  const [chosen, setChosen] = useState(columnKey(columns[0]!))
  const column = columns.find((known) => columnKey(known) === chosen) ?? columns[0]!
  return (
    <>
      <form onSubmit={(event) => event.preventDefault()}>
        <label>
          Of what{' '}
          <select className="small-field" value={columnKey(column)} onChange={(event) => setChosen(event.currentTarget.value)}>
            {columns.map((known) => (
              <option key={columnKey(known)} value={columnKey(known)}>
                {known.name}, {measureNames[known.measure]}
              </option>
            ))}
          </select>
        </label>
      </form>
      <Line key={columnKey(column)} column={column} sheet={sheet} />
      <ul className={styles.runList}>
        {people.map(({ id, name }) => (
          <li key={id}>
            <span>{name}</span> <b>{sheet.resultOf(column, id)?.words ?? ''}</b>
          </li>
        ))}
      </ul>
    </>
  )
}

const examples: Partial<Record<Column['measure'], string>> = { time: '2:14', rounds: '5+12', effort: '7' }

function Line({ column, sheet }: { column: Column; sheet: Sheet }) {
  const { text, setText, problem, told, take } = useCalledOut(sheet, column, '')
  const [first] = sheet.sheet.people
  const put = (event: SyntheticEvent) => {
    event.preventDefault()
    take()
  }
  return (
    <>
      <form onSubmit={put}>
        <label>
          As it is called out{' '}
          <input
            className="small-field"
            value={text}
            placeholder={`${first?.name.slice(0, 3).toLowerCase()} ${examples[column.measure]}`}
            autoComplete="off"
            aria-invalid={problem !== undefined}
            onChange={(event) => setText(event.currentTarget.value)}
          />
        </label>
        <button type="submit" className="small-button">
          Put down
        </button>
      </form>
      <p role="status" className={problem && styles.runWrong}>
        {problem ?? (told && `Put down: ${told}`)}
      </p>
    </>
  )
}
