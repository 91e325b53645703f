import { Select } from '@mantine/core'
import { usualLimitsMonths } from '@core/library/hall-settings'
import { useHallSettings, type StoredSettings } from '../kit/use-hall-settings'
import shell from '../shell/shell.module.css'

/** How long the hall knows what people go easy on. */
export function Kept({ figures }: { figures: StoredSettings }) {
  const { settings, change } = useHallSettings(figures)
  return (
    <section className={shell.sheet} aria-label="What is kept of people">
      <h2>What is kept of people</h2>
      <Select
        label="What they go easy on is forgotten"
        data={[3, 6, 12, 24, 36].map((months) => ({ value: String(months), label: `${months} months after their last class` }))}
        value={String(settings.limitsMonths ?? usualLimitsMonths)}
        allowDeselect={false}
        onChange={(months) => months && change({ limitsMonths: Number(months) })}
      />
      <p>
        <a href="/privacy">What people can read about it</a>
      </p>
    </section>
  )
}
