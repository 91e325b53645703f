import { Button } from '@mantine/core'
import { saveCsv } from './save-csv'

interface SaveCsvProps {
  /** The file's name. */
  file: string
  /** Headings and rows, made when it is pressed. */
  rows: () => readonly (readonly string[])[]
  /** Which table, where there are several. */
  what?: string
}

/** What a table shows, as a file for a sheet. */
export const SaveCsv = ({ file, rows, what = '' }: SaveCsvProps) => (
  <Button mt="xs" size="compact-sm" variant="default" onClick={() => void saveCsv(file, rows())}>
    {['Save', what, 'as CSV'].filter(Boolean).join(' ')}
  </Button>
)
