import { Menu } from '@mantine/core'
import { useMutation, useQuery } from '@tanstack/react-query'
import { useState, type ReactElement } from 'react'
import { api } from '../kit/api'
import { MenuOfDialogs } from '../kit/MenuOfDialogs'
import { tell, tellProblem } from '../kit/notice'
import { useAgain } from '../kit/use-again'
import { whenOpened } from '../kit/when-opened'
import { useClass } from './shared/context'

const RevisionsDialog = whenOpened(async () => (await import('./shape/RevisionsDialog')).RevisionsDialog)
const SeriesDialog = whenOpened(async () => (await import('./SeriesDialog')).SeriesDialog)

type Dialog = 'revisions' | 'series'

/** What can be done with the class as a whole, with the others of its series, and with its plan. It is open as soon as it is there. */
export function ClassMenuOpen({ target, onClose }: { target: ReactElement; onClose: () => void }) {
  const { id, document, storeNow } = useClass()
  const [dialog, setDialog] = useState<Dialog>()
  const again = useAgain(id, storeNow)
  const series = useQuery({
    queryKey: [`/api/classes/${id}/series`],
    queryFn: () => api<{ later: number }>('GET', `/api/classes/${id}/series`),
    staleTime: 0,
  })
  const later = series.data?.later ?? 0
  const planLater = useMutation({
    mutationFn: async () => {
      const version = await storeNow()
      if (version === undefined) throw new Error('Save this class first: something in it is not saved yet.')
      return api<{ changed: number }>('PUT', `/api/classes/${id}/series`, { version })
    },
    onSuccess: ({ changed }) =>
      tell({
        message: `${changed} later ${changed === 1 ? 'class is' : 'classes are'} planned like this one now; each keeps its people, and how it was stands in its version history.`,
        autoClose: 8000,
      }),
    onError: tellProblem,
  })
  const savePlan = useMutation({
    mutationFn: () => api('POST', '/api/plans', { ...document.plan, name: document.name }),
    onSuccess: () => tell({ message: `${document.name} is a plan now: see Plans.`, autoClose: 5000 }),
    onError: tellProblem,
  })
  const putAway = useMutation({
    mutationFn: () => api('DELETE', `/api/classes/${id}`),
    onSuccess: () => location.assign('/put-away'),
    onError: tellProblem,
  })
  const close = () => {
    setDialog(undefined)
    onClose()
  }
  return (
    <>
      <MenuOfDialogs position="bottom-end" target={target} behind={dialog !== undefined} onClose={onClose}>
        <Menu.Item onClick={() => again.mutate(1)}>Again next week</Menu.Item>
        <Menu.Item data-opens onClick={() => setDialog('series')}>
          Every week until …
        </Menu.Item>
        {later > 0 && (
          <Menu.Item onClick={() => planLater.mutate()}>
            Plan the {later === 1 ? 'later one' : `${later} later ones`} of the series like this
          </Menu.Item>
        )}
        <Menu.Item onClick={() => again.mutate(0)}>Duplicate</Menu.Item>
        <Menu.Divider />
        <Menu.Item onClick={() => savePlan.mutate()}>Save as a plan</Menu.Item>
        <Menu.Item component="a" href={`/api/classes/${id}/plan-file`} download>
          Save the plan as a file
        </Menu.Item>
        <Menu.Item data-opens onClick={() => setDialog('revisions')}>
          Version history …
        </Menu.Item>
        <Menu.Divider />
        <Menu.Item onClick={() => putAway.mutate()}>Put away</Menu.Item>
      </MenuOfDialogs>
      <RevisionsDialog opened={dialog === 'revisions'} onClose={close} />
      <SeriesDialog opened={dialog === 'series'} onClose={close} onMake={(weeks) => again.mutate(weeks)} />
    </>
  )
}
