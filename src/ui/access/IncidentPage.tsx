import { Textarea, TextInput } from '@mantine/core'
import { useState } from 'react'
import { Incident } from '@core/access/incident'
import { api } from '../kit/api'
import { Kit } from '../kit/Kit'
import { AskingForm } from './AskingForm'
import { useAskingForm } from './use-asking-form'
import kit from '../kit/kit.module.css'
import shell from '../shell/shell.module.css'
import styles from './incidents.module.css'

/** What went wrong, while it is fresh: the owner of the hall reads it, and nobody else. */
export function IncidentPage() {
  return (
    <Kit>
      <div className={shell.page}>
        <div className={shell.pageHead}>
          <h1>Report an incident</h1>
        </div>
        <div className={shell.sheet}>
          <Report />
        </div>
      </div>
    </Kit>
  )
}

function Report() {
  const [told, setTold] = useState(false)
  const { form, submit, busy, problem } = useAskingForm({
    schema: Incident,
    initial: { when: '', who: '', what: '', done: '' },
    from: (values) => values,
    send: (incident) => api('POST', '/api/incidents', incident),
    done: () => setTold(true),
  })
  if (told)
    return (
      <div className={kit.note} data-severity="fine" role="status">
        <b>Your hall’s owner has it.</b>
        <p>
          <a href="/">Back to the classes</a>
        </p>
      </div>
    )
  return (
    <>
      <p>If somebody is hurt, help first, and call your emergency number. Only the owner of the hall reads what stands here.</p>
      <div className={styles.narrow}>
        <AskingForm onSubmit={submit} busy={busy} problem={problem} press="Send to the owner">
          <TextInput label="When and in which class" {...form.getInputProps('when')} />
          <TextInput label="Who was there" {...form.getInputProps('who')} />
          <Textarea label="What happened" autosize minRows={4} {...form.getInputProps('what')} />
          <Textarea label="What was done" autosize minRows={2} {...form.getInputProps('done')} />
        </AskingForm>
      </div>
    </>
  )
}
