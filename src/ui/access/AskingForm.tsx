import { Button, Stack } from '@mantine/core'
import type { FormEventHandler, ReactNode } from 'react'
import kit from '../kit/kit.module.css'

interface AskingFormProps {
  onSubmit: FormEventHandler<HTMLFormElement>
  busy: boolean
  problem: string | undefined
  /** What the button says. */
  press: string
  children: ReactNode
}

export const AskingForm = ({ onSubmit, busy, problem, press, children }: AskingFormProps) => (
  <form onSubmit={onSubmit} noValidate>
    <Stack gap="sm">
      {children}
      {problem && (
        <div className={kit.note} data-severity="mend" role="alert">
          {problem}
        </div>
      )}
      <div>
        <Button type="submit" loading={busy}>
          {press}
        </Button>
      </div>
    </Stack>
  </form>
)
