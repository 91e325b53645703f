import { Button, Modal } from '@mantine/core'
import { useState } from 'react'
import { dayKey, plusDays } from '@core/base/calendar/zoned'
import { DayField } from '../kit/DayField'
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
      <DayField label="Until" value={until} error={wrong} onChange={setUntil} data-autofocus />
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
