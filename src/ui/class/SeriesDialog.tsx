import { Button, Modal } from '@mantine/core'
import { DateInput } from '@mantine/dates'
import '@mantine/dates/styles.css'
import { useState } from 'react'
import { typedDay } from '@core/base/calendar/typed-day'
import { dayKey, plusDays } from '@core/base/calendar/zoned'
import { useClass } from './shared/context'
import kit from '../kit/kit.module.css'

interface SeriesDialogProps {
  opened: boolean
  onClose: () => void
  onMake: (weeks: number) => void
}

/** No series goes on for longer than a year. */
const mostWeeks = 53

/** Until when the class goes on week after week, with its people and its plan. */
export function SeriesDialog({ opened, onClose, onMake }: SeriesDialogProps) {
  const { document, zone } = useClass()
  const first = dayKey(document.startsAt, zone)
  const [until, setUntil] = useState<string | null>(plusDays(first, 7 * 8))
  const weeks = until === null ? 0 : Math.floor((Date.parse(until) - Date.parse(first)) / (7 * 86_400_000))
  const wrong = weeks < 1 ? 'A day at least a week on' : weeks > mostWeeks ? `At most ${mostWeeks} weeks on` : undefined
  return (
    <Modal opened={opened} onClose={onClose} title="Every week">
      <DateInput
        label="Until"
        value={until}
        valueFormat="ddd D MMM YYYY"
        dateParser={(text) => typedDay(text) ?? null}
        error={wrong}
        onChange={setUntil}
        data-autofocus
      />
      <p className="second">
        {wrong
          ? 'Each has this one’s plan, room and people, and can be changed by itself.'
          : `${weeks} more ${weeks === 1 ? 'class' : 'classes'}, at the same time of day. Each has this one’s plan, room and people, and can be changed by itself; what you change here later can be taken over by all that follow.`}
      </p>
      <div className={kit.dialogFoot}>
        <Button
          disabled={wrong !== undefined}
          onClick={() => {
            onMake(weeks)
            onClose()
          }}
        >
          Create {wrong ? 'them' : weeks}
        </Button>
      </div>
    </Modal>
  )
}
