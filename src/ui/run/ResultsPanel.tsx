import { useState } from 'react'
import { measureNames } from '@core/results/outcome'
import type { ResultsSheet } from '@core/results/sheet'
import { Fetched } from '../kit/Fetched'
import { useCalledOut } from '../record/use-called-out'
import { columnKey, useSheet, type Column } from '../record/use-sheet'
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
      <label>
        Of what{' '}
        <select className={styles.runField} value={columnKey(column)} onChange={(event) => setChosen(event.currentTarget.value)}>
          {columns.map((known) => (
            <option key={columnKey(known)} value={columnKey(known)}>
              {known.name}, {measureNames[known.measure]}
            </option>
          ))}
        </select>
      </label>
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

function Line({ column, sheet }: { column: Column; sheet: ReturnType<typeof useSheet> }) {
  const { text, setText, problem, told, take } = useCalledOut(sheet, column, '')
  return (
    <p>
      <label>
        As it is called out{' '}
        <input
          className={styles.runField}
          value={text}
          placeholder={column.measure === 'time' ? 'tove 2:14' : column.measure === 'effort' ? 'tove 7' : 'tove 5+12'}
          autoComplete="off"
          aria-invalid={problem !== undefined}
          onChange={(event) => setText(event.currentTarget.value)}
          onKeyDown={(event) => event.key === 'Enter' && take()}
        />
      </label>{' '}
      <button type="button" className="small-button" onClick={() => take()}>
        Put down
      </button>
      <span role="status"> {problem ?? (told && `Put down: ${told}`)}</span>
    </p>
  )
}
