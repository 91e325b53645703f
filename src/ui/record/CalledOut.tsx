import { TextInput } from '@mantine/core'
import { useCalledOut } from './use-called-out'
import type { Column, Sheet } from './use-sheet'

/** One field for what is called out across the room: who, and what, and on to the next. */
export function CalledOut({ column, sheet, standard }: { column: Column; sheet: Sheet; standard: string }) {
  const { text, setText, problem, told, take } = useCalledOut(sheet, column, standard)
  return (
    <TextInput
      label={`As it is called out: ${column.name}`}
      description={told ? `Put down: ${told}` : 'A name or its beginning, and the result: tov 2:14.3, then Enter'}
      inputWrapperOrder={['label', 'input', 'description', 'error']}
      maw={420}
      value={text}
      error={problem}
      autoComplete="off"
      onChange={(event) => setText(event.currentTarget.value)}
      onKeyDown={(event) => event.key === 'Enter' && take()}
    />
  )
}
