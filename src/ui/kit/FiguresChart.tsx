import { type AxisDomain, Bar, BarChart, CartesianGrid, Line, LineChart, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import { Row, Cell, Table } from './Table'
import chart from './chart.module.css'

/** One figure of many in their order. */
export interface Figure {
  /** Under it, such as `3 Nov`. */
  at: string
  figure: number
  /** As it is read out; absent, the figure with the unit. */
  words?: string
}

export interface FiguresChartProps {
  /** What is drawn, as a heading has it. */
  label: string
  /** What stands at the axis, with its unit: `seconds`, `people`. */
  axis: string
  figures: Figure[]
  kind: 'line' | 'bars'
  /** Whole things that are counted: the axis begins at none, and has no halves. */
  isCount?: boolean
  /** How the axis says a figure, where it is not the bare one. */
  tick?: (figure: number) => string
}

const height = 190
const size = { fontSize: 12, fill: 'var(--second)' }
const plain = (figure: number) => String(Number(figure.toFixed(1)))

/** Figures over time, where one number will not do: by keys from point to point, and as a table behind it. */
export function FiguresChart({ label, axis, figures, kind, isCount = false, tick = plain }: FiguresChartProps) {
  const Frame = kind === 'line' ? LineChart : BarChart
  // Bars stand on nothing, or hang from it; so does what is counted.
  const [least, most] = [Math.min(0, ...figures.map(({ figure }) => figure)), Math.max(0, ...figures.map(({ figure }) => figure))]
  const domain: AxisDomain = kind === 'line' && !isCount ? ['auto', 'auto'] : [least < 0 ? 'auto' : 0, most > 0 ? 'auto' : 0]
  return (
    <figure className={chart.chart} aria-label={label}>
      <ResponsiveContainer width="100%" height={height}>
        <Frame data={figures} margin={{ top: 8, right: 12, bottom: 4, left: 4 }} accessibilityLayer title={label}>
          <CartesianGrid stroke="var(--line)" vertical={false} />
          <XAxis dataKey="at" tick={size} stroke="var(--second)" minTickGap={24} />
          <YAxis
            tick={size}
            stroke="var(--second)"
            width={64}
            tickFormatter={tick}
            allowDecimals={!isCount}
            domain={domain}
            label={{ value: axis, angle: -90, position: 'insideLeft', style: { ...size, textAnchor: 'middle' } }}
          />
          <Tooltip
            isAnimationActive={false}
            contentStyle={{ background: 'var(--card)', border: '1px solid var(--line)', color: 'var(--ink)' }}
            formatter={(_, __, item) => [
              (item as { payload: Figure }).payload.words ?? tick((item as { payload: Figure }).payload.figure),
              axis,
            ]}
          />
          {kind === 'line' ? (
            <Line
              type="linear"
              dataKey="figure"
              stroke="var(--chart)"
              strokeWidth={2.5}
              dot={{ r: 3.5, fill: 'var(--chart)' }}
              isAnimationActive={false}
            />
          ) : (
            <Bar dataKey="figure" fill="var(--chart)" stroke="var(--chart)" isAnimationActive={false} />
          )}
        </Frame>
      </ResponsiveContainer>
      <details>
        <summary>{label} as a table</summary>
        <Table label={label} columns={['When', { name: axis, kind: 'figure' }]}>
          {figures.map(({ at, figure, words }, index) => (
            <Row key={index}>
              <Cell>{at}</Cell>
              <Cell figure>{words ?? tick(figure)}</Cell>
            </Row>
          ))}
        </Table>
      </details>
    </figure>
  )
}
