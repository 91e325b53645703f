import { TimePicker } from '@mantine/dates'
import { useEffect, useState } from 'react'
import { typedDay } from '@core/base/calendar/typed-day'
import { dayKey, momentAt, timeKey } from '@core/base/calendar/zoned'
import { DayField } from './DayField'
import { useTaken } from './unsaved'

interface WhenFieldProps {
  /** A moment, as ISO text. */
  value: string
  zone: string
  clock: '24h' | '12h'
  onChange: (value: string) => void
}

/** Day and time of a class by the hall's calendar and clock. Only what is whole and plausible is passed on. */
export function WhenField({ value, zone, clock, onChange }: WhenFieldProps) {
  const [day, setDay] = useState<string | null>(() => dayKey(value, zone))
  const [time, setTime] = useState(() => timeKey(value, zone))
  // As it stands in the field, while it is no day.
  const [typed, setTyped] = useState<string>()
  // Undo, redo or another window changed it.
  useEffect(() => {
    setDay(dayKey(value, zone))
    setTime(timeKey(value, zone))
  }, [value, zone])
  useTaken(day !== null && typed === undefined && time !== '')
  const pass = (nextDay: string | null, nextTime: string) => {
    if (nextDay === null || typedDay(nextDay) === undefined || !/^\d{2}:\d{2}/.test(nextTime)) return
    const next = momentAt(nextDay, nextTime.slice(0, 5), zone).toISOString()
    if (next !== value) onChange(next)
  }
  return (
    <>
      <DayField
        label="Day"
        value={day}
        minDate="2000-01-01"
        maxDate="2199-12-31"
        fixOnBlur={false}
        onFocus={(event) => event.currentTarget.select()}
        onInput={(event) => {
          const text = event.currentTarget.value
          setTyped(typedDay(text) === undefined ? text : undefined)
        }}
        error={day === null || typed !== undefined ? 'A day that there is, such as 27 May 2027' : undefined}
        onChange={(next) => {
          setTyped(undefined)
          setDay(next)
          pass(next, time)
        }}
      />
      <TimePicker
        label="Starts"
        value={time}
        format={clock}
        hoursInputLabel="Hour it starts"
        minutesInputLabel="Minute it starts"
        amPmInputLabel="Morning or afternoon"
        error={time === '' ? 'A time' : undefined}
        onChange={(next) => {
          setTime(next)
          pass(day, next)
        }}
      />
    </>
  )
}
