import { DateInput, type DateInputProps } from '@mantine/dates'
import '@mantine/dates/styles.css'
import { typedDay } from '@core/base/calendar/typed-day'
import styles from './DayField.module.css'

/** A day, typed as people write it or picked from a calendar. */
export const DayField = (props: Omit<DateInputProps, 'valueFormat' | 'dateParser'>) => (
  <DateInput
    {...props}
    hideOutsideDates
    valueFormat="ddd D MMM YYYY"
    dateParser={(text) => typedDay(text) ?? null}
    ariaLabels={{
      previousMonth: 'Previous month',
      nextMonth: 'Next month',
      previousYear: 'Previous year',
      nextYear: 'Next year',
      previousDecade: 'Previous decade',
      nextDecade: 'Next decade',
      monthLevelControl: 'Choose a month',
      yearLevelControl: 'Choose a year',
    }}
    classNames={{ day: styles.day! }}
  />
)
