import { useMemo } from 'react'
import { Area, AreaChart, Bar, BarChart, LabelList, ResponsiveContainer, Tooltip, XAxis, YAxis } from 'recharts'
import type { Pattern, Region } from '@core/library/exercise'
import { leastKilograms, loadOf, mostKilograms } from '@core/load/load'
import { formatSeconds } from '@core/base/units'
import { useClass } from '../shared/context'
import styles from '../class.module.css'

/** The movements that coaches balance against each other. */
const balanced: Pattern[] = ['push', 'pull', 'squat', 'hinge']

const rounded = (value: number) => Math.round(value / 5) * 5

interface BarsProps {
  label: string
  rows: { name: string; seconds: number }[]
}

/** What the class loads: regions, movements, intensity along the way, and energy as a range. */
export function LoadPicture() {
  const { document, computed, library } = useClass()
  const { timeline } = computed
  const load = useMemo(
    () => (timeline.ok ? loadOf(document.plan, timeline.value, library, computed.paces, computed) : undefined),
    [document.plan, timeline, library, computed],
  )
  if (!load || !timeline.ok) return null
  const regions = (Object.entries(load.byRegion) as [Region, number][]).map(([name, seconds]) => ({ name, seconds: Math.round(seconds) }))
  const patterns = balanced.map((name) => ({ name, seconds: Math.round(load.byPattern[name]) }))
  const { total } = timeline.value
  const points = [...load.intensity, { start: total, met: load.intensity.at(-1)?.met ?? 0 }]
  const met = `${rounded(load.metMinutes.low)} to ${rounded(load.metMinutes.high)} MET-minutes`
  const energy = `${rounded(load.kilocalories.low)} to ${rounded(load.kilocalories.high)} kcal`
  return (
    <section aria-label="Load picture" className={styles.load}>
      <h2>What it loads</h2>
      <div className={styles.loadCharts}>
        <Bars label="Seconds of work by region" rows={regions} />
        <Bars label="Push, pull, squat and hinge" rows={patterns} />
      </div>
      <figure>
        <figcaption className="draft-label">Intensity along the class, MET</figcaption>
        <ResponsiveContainer width="100%" height={120}>
          <AreaChart
            data={points}
            margin={{ top: 6, right: 4, bottom: 0, left: -22 }}
            accessibilityLayer
            title={`Intensity along the class: ${met}`}
          >
            <XAxis
              dataKey="start"
              type="number"
              domain={[0, total]}
              tickFormatter={formatSeconds}
              tick={{ fill: 'var(--second)', fontSize: 13 }}
              stroke="var(--line)"
            />
            <YAxis tick={{ fill: 'var(--second)', fontSize: 13 }} stroke="var(--line)" allowDecimals={false} />
            <Tooltip
              labelFormatter={(at) => formatSeconds(Number(at))}
              formatter={(value) => [`${Number(value).toFixed(1)} MET`, 'about']}
              contentStyle={{ background: 'var(--card)', borderColor: 'var(--line)', color: 'var(--ink)' }}
            />
            <Area dataKey="met" type="stepAfter" stroke="var(--work-edge)" fill="var(--work)" isAnimationActive={false} />
          </AreaChart>
        </ResponsiveContainer>
      </figure>
      <p>
        {met}; {energy} for people of {leastKilograms} to {mostKilograms} kg.{' '}
        <span className="second">
          An estimate from the MET ranges of the exercises: MET × 3.5 × kg ÷ 200 a minute (ACSM guidelines). People differ by more than
          that.
        </span>
      </p>
      {load.unknown > 0 && (
        <p className="second">{formatSeconds(Math.round(load.unknown))} of work has no exercise yet, and is not counted.</p>
      )}
    </section>
  )
}

function Bars({ label, rows }: BarsProps) {
  const words = rows.map((row) => `${row.name} ${formatSeconds(row.seconds)}`).join(', ')
  return (
    <figure>
      <figcaption className="draft-label">{label}</figcaption>
      <ResponsiveContainer width="100%" height={rows.length * 30}>
        <BarChart
          layout="vertical"
          data={rows}
          margin={{ top: 0, right: 52, bottom: 0, left: 6 }}
          accessibilityLayer
          title={`${label}: ${words}`}
        >
          <XAxis type="number" hide />
          <YAxis type="category" dataKey="name" width={58} tick={{ fill: 'var(--ink)', fontSize: 15 }} axisLine={false} tickLine={false} />
          <Bar dataKey="seconds" fill="var(--work)" stroke="var(--work-edge)" barSize={18} isAnimationActive={false} minPointSize={1}>
            <LabelList
              dataKey="seconds"
              position="right"
              formatter={(value) => formatSeconds(Number(value))}
              fill="var(--ink)"
              fontSize={15}
            />
          </Bar>
        </BarChart>
      </ResponsiveContainer>
    </figure>
  )
}
