import { Button, Select, TextInput } from '@mantine/core'
import { useState } from 'react'
import { NewInvitation } from '@core/access/credentials'
import { roleWords, type Role } from '@core/access/role'
import { api } from '../kit/api'
import { AskingForm } from './AskingForm'
import { roleChoices, type Invitation } from './team'
import { useAskingForm } from './use-asking-form'
import kit from '../kit/kit.module.css'
import shell from '../shell/shell.module.css'
import styles from './team.module.css'

/** Makes a link by which somebody joins the hall, and shows it, once. */
export function Invite({ base, onInvited }: { base: string; onInvited: (invitation: Invitation) => void }) {
  const [link, setLink] = useState<string>()
  const { form, submit, busy, problem } = useAskingForm({
    schema: NewInvitation,
    initial: { name: '', role: 'coach' },
    from: (values) => values,
    send: async (wanted) => {
      const { invitation, path } = await api<{ invitation: Invitation; path: string }>('POST', '/api/invitations', wanted)
      setLink(base + path)
      onInvited(invitation)
    },
    done: () => form.setFieldValue('name', ''),
  })
  return (
    <section className={shell.sheet} aria-label="Invite somebody">
      <h2>Invite somebody</h2>
      <AskingForm onSubmit={submit} busy={busy} problem={problem} press="Make a link">
        <TextInput label="Name" {...form.getInputProps('name')} />
        <Select
          label="Role"
          data={roleChoices}
          allowDeselect={false}
          description={roleWords[form.values.role as Role].may}
          {...form.getInputProps('role')}
        />
      </AskingForm>
      {link && (
        <div className={kit.note} data-severity="fine" role="status">
          <b>Send them this link. It is shown only now, and is good once, for seven days.</b>
          <p className={styles.link}>{link}</p>
          <Button variant="default" onClick={() => void navigator.clipboard.writeText(link)}>
            Copy
          </Button>
        </div>
      )}
    </section>
  )
}
