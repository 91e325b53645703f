import { Box } from '@mantine/core'
import type { ListQueue } from '@core/gear/lists/list-queues'
import { formatSeconds } from '@core/base/units'
import { Cell, Row, RowHead, Table } from '../../kit/Table'

const mean = (values: readonly number[]) => Math.round(values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length))
const most = (values: readonly number[]) => Math.round(Math.max(0, ...values))

/** Lists at their own pace have no turns: who would wait for what, and where each begins so that nobody does. */
export const GearQueues = ({ queues }: { queues: ListQueue[] }) => queues.map((queue) => <Queue key={queue.name} queue={queue} />)

function Queue({ queue }: { queue: ListQueue }) {
  const { items, people, together, starts, spread, limit } = queue
  const begin = items.map((_, item) => people.filter((_, person) => starts[person] === item).map((person) => person.name))
  return (
    <Box component="section" aria-label={`Queues at ${queue.name}`} mb={28}>
      <h2>{queue.name}</h2>
      {limit && (
        <p>
          <b>{limit.name} holds people up.</b> {limit.wanted} would serve {people.length} people; there{' '}
          {limit.places === 1 ? 'is 1, enough' : `are ${limit.places}, enough`} for {limit.serves}.
        </p>
      )}
      <Table
        columns={[
          'Item',
          { name: 'Takes', kind: 'figure' },
          { name: 'At once', kind: 'figure' },
          { name: 'Wanted', kind: 'figure' },
          { name: 'At worst', kind: 'figure' },
          'Begin here',
        ]}
      >
        {items.map((item, index) => (
          <Row key={index}>
            <RowHead>{item.name}</RowHead>
            <Cell figure>{formatSeconds(item.seconds)}</Cell>
            <Cell figure>{item.places ?? 'all'}</Cell>
            <Cell figure>{item.expected.toFixed(1)}</Cell>
            <Cell figure>{together.crowd[index]}</Cell>
            <Cell>{begin[index]!.join(', ')}</Cell>
          </Row>
        ))}
      </Table>
      <p>
        All beginning at {items[0]!.name}: each waits {formatSeconds(mean(together.waits))} on average, at most{' '}
        {formatSeconds(most(together.waits))}. Beginning as above: {formatSeconds(mean(spread.waits))}, at most{' '}
        {formatSeconds(most(spread.waits))}.
      </p>
      <p className="second">Reckoned with typical times. Wanted is each item’s share of the round; at worst is when all begin together.</p>
    </Box>
  )
}
