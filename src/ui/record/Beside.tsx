import { groupBy } from 'es-toolkit'
import type { ResultsSheet } from '@core/results/sheet'
import type { ShownResult } from '@core/results/run-results'
import { SaveCsv } from '../kit/SaveCsv'
import { Cell, Row, RowHead, Table } from '../kit/Table'
import { datedOf } from '../kit/zoned-time'
import { columnKey } from './use-sheet'
import kit from '../kit/kit.module.css'
import styles from './record.module.css'

interface BesideProps {
  sheet: ResultsSheet
  zone: string
}

/** What people did beside what the others did, where the class compares, and beside their own of before. */
export function Beside({ sheet, zone }: BesideProps) {
  const places = groupBy(
    sheet.results.filter(({ measure }) => measure !== 'effort'),
    columnKey,
  )
  return (
    <>
      {sheet.places.map((place) => {
        const there = places[columnKey(place)]
        return there && <BesideAt key={columnKey(place)} name={place.name} there={there} sheet={sheet} zone={zone} />
      })}
    </>
  )
}

function BesideAt({ name, there, sheet, zone }: BesideProps & { name: string; there: ShownResult[] }) {
  const nameById = new Map(sheet.people.map((person) => [person.id, person.name]))
  const ranked = there.some(({ rank }) => rank !== undefined)
  const inOrder = [...there].sort((a, b) => (a.rank ?? Infinity) - (b.rank ?? Infinity))
  const rounds = there.some(({ splits }) => splits.length > 1)
  const repeated = there.some(({ toFirstTime }) => toFirstTime !== undefined)
  const columns = [
    ...(ranked ? ['Place'] : []),
    'Who',
    'Did',
    ...(ranked ? ['To the first'] : []),
    ...(rounds ? ['Round by round'] : []),
    ...(repeated ? ['To the first time'] : []),
    'Last time',
    'Best before',
  ]
  const totals = sheet.totals.find((total) => columnKey(total) === columnKey(there[0]!))
  const before = (then: ShownResult['last']) =>
    then ? `${then.words} on ${datedOf(then.at, zone)}${then.by && then.by !== 'same' ? ` (${then.by})` : ''}` : ''
  return (
    <>
      <h3 className={styles.section}>{name}</h3>
      <Table className={styles.beside!} columns={columns} label={`${name}: beside each other and before`}>
        {inOrder.map((one) => (
          <Row key={one.personId}>
            {ranked && <Cell>{one.rank ?? ''}</Cell>}
            <RowHead>{nameById.get(one.personId)}</RowHead>
            <Cell>
              {one.words} {one.isBest && <b className={kit.fine}>best yet</b>}
              {one.outcome.standard && <span className={styles.differs}>{one.outcome.standard}</span>}
              {one.differs.length > 0 && <span className={styles.differs}>not ranked: {one.differs.join('; ')}</span>}
            </Cell>
            {ranked && <Cell>{one.toFirst ?? ''}</Cell>}
            {rounds && (
              <Cell>
                {one.splits.join(', ')}
                {one.firstToLast && <span className={styles.differs}>first to last {one.firstToLast}</span>}
              </Cell>
            )}
            {repeated && <Cell>{one.toFirstTime}</Cell>}
            <Cell>
              {before(one.last)}
              {one.differsFromBefore.length > 0 && <span className={styles.differs}>not compared: {one.differsFromBefore.join('; ')}</span>}
            </Cell>
            <Cell>{before(one.best)}</Cell>
          </Row>
        ))}
      </Table>
      {totals && (
        <p>
          Together:{' '}
          {sheet.groups
            .flatMap((ids, group) =>
              totals.words[group] ? [`${ids.map((id) => nameById.get(id)).join(' and ')} ${totals.words[group]}`] : [],
            )
            .join('; ')}
        </p>
      )}
      <SaveCsv
        file={`${name}.csv`}
        what={name}
        rows={() => [
          [
            'Place',
            'Who',
            'Did',
            'Standard',
            'To the first',
            'Rounds',
            'First to last',
            'To the first time',
            'Last time',
            'Best before',
            'Not compared',
          ],
          ...inOrder.map((one) => [
            String(one.rank ?? ''),
            nameById.get(one.personId) ?? '',
            one.words,
            one.outcome.standard ?? '',
            one.toFirst ?? '',
            one.splits.join(', '),
            one.firstToLast ?? '',
            one.toFirstTime ?? '',
            before(one.last),
            before(one.best),
            [...one.differs, ...one.differsFromBefore].join('; '),
          ]),
        ]}
      />
    </>
  )
}
