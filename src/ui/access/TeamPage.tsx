import { Button, Group, Select } from '@mantine/core'
import { useMutation } from '@tanstack/react-query'
import { useState } from 'react'
import { roleWords, type Role } from '@core/access/role'
import { api } from '../kit/api'
import { fromText } from '../kit/from-text'
import { Kit } from '../kit/Kit'
import { tellProblem } from '../kit/notice'
import { Cell, Row, RowHead, Table } from '../kit/Table'
import type { StoredSettings } from '../kit/use-hall-settings'
import { Invite } from './Invite'
import { Kept } from './Kept'
import { roleChoices, type Invitation, type Member } from './team'
import shell from '../shell/shell.module.css'
import styles from './team.module.css'

interface TeamPageProps {
  members: Member[]
  invitations: Invitation[]
  /** Who looks. */
  own: string
  /** Where others find the app. */
  base: string
  figures: StoredSettings
}

/** Who belongs to the hall, as what, and who is invited. */
export function TeamPage(props: TeamPageProps) {
  return (
    <Kit>
      <div className={shell.page}>
        <div className={shell.pageHead}>
          <h1>Team</h1>
          <span className="push">
            <a href="/audit">Audit</a>
            <a href="/incidents">Incidents</a>
          </span>
        </div>
        <Team {...props} />
      </div>
    </Kit>
  )
}

function Team({ members: first, invitations: firstOpen, own, base, figures }: TeamPageProps) {
  const [members, setMembers] = useState(first)
  const [open, setOpen] = useState(firstOpen)
  const remove = useMutation({
    mutationFn: ({ id }: Member) => api('DELETE', `/api/members/${id}`),
    onSuccess: (_, { id }) => setMembers((known) => known.filter((member) => member.id !== id)),
    onError: tellProblem,
  })
  const change = useMutation({
    mutationFn: ({ id, role }: Pick<Member, 'id' | 'role'>) => api('PUT', `/api/members/${id}`, { role }),
    onSuccess: (_, { id, role }) => setMembers((known) => known.map((member) => (member.id === id ? { ...member, role } : member))),
    onError: tellProblem,
  })
  const withdraw = useMutation({
    mutationFn: ({ id }: Invitation) => api('DELETE', `/api/invitations/${id}`),
    onSuccess: (_, { id }) => setOpen((known) => known.filter((invitation) => invitation.id !== id)),
    onError: tellProblem,
  })
  return (
    <div className={styles.columns}>
      <section className={shell.sheet} aria-label="Members">
        <h2>Members</h2>
        <Table columns={['Name', 'E-mail address', 'Role', { name: 'Remove', kind: 'hidden' }]} label="Members">
          {members.map((member) => (
            <Row key={member.id}>
              <RowHead>
                {member.name}
                {member.id === own && <span className="second"> (you)</span>}
              </RowHead>
              <Cell>{member.email}</Cell>
              <Cell>
                <Select
                  aria-label={`Role of ${member.name}`}
                  data={roleChoices}
                  value={member.role}
                  allowDeselect={false}
                  onChange={(role) => role && change.mutate({ id: member.id, role: role as Role })}
                  w="9rem"
                />
              </Cell>
              <Cell>
                <RemoveMember member={member} onRemove={() => remove.mutate(member)} />
              </Cell>
            </Row>
          ))}
        </Table>
        {open.length > 0 && (
          <>
            <h2>Invited</h2>
            <ul className={styles.open}>
              {open.map((invitation) => (
                <li key={invitation.id}>
                  <span>
                    {invitation.name}, {roleWords[invitation.role].name.toLowerCase()}{' '}
                    <span className="second">
                      until {new Date(invitation.until).toLocaleDateString(undefined, { weekday: 'long', day: 'numeric', month: 'long' })}
                    </span>
                  </span>
                  <Button variant="subtle" onClick={() => withdraw.mutate(invitation)}>
                    Withdraw<span className="visually-hidden"> the invitation of {invitation.name}</span>
                  </Button>
                </li>
              ))}
            </ul>
          </>
        )}
      </section>
      <div className={styles.side}>
        <Invite base={base} onInvited={(invitation) => setOpen((known) => [invitation, ...known])} />
        <Kept figures={figures} />
      </div>
    </div>
  )
}

/** Asks once more: they are out at once. */
function RemoveMember({ member, onRemove }: { member: Member; onRemove: () => void }) {
  const [asks, setAsks] = useState(false)
  if (!asks)
    return (
      <Button variant="subtle" onClick={() => setAsks(true)} aria-label={`Remove ${member.name}`}>
        Remove
      </Button>
    )
  return (
    <Group gap="xs" wrap="nowrap">
      <Button onClick={onRemove} autoFocus>
        Remove {member.name}
      </Button>
      <Button variant="default" onClick={() => setAsks(false)}>
        Keep
      </Button>
    </Group>
  )
}

export const TeamPageIsland = fromText(TeamPage)
