import type { NotificationData } from '@mantine/notifications'
import { createStore } from 'zustand'

/** Whether anything has been told on this page: what shows notices is fetched with the first of them. */
export const toldAnything = createStore(() => false)

/** Shows a notice for a while; where what shows it cannot be had, as while the server is away, the browser itself says it. */
export function tell(notice: NotificationData): void {
  void import('@mantine/notifications').then(
    ({ notifications }) => {
      toldAnything.setState(true, true)
      notifications.show(notice)
    },
    () => typeof notice.message === 'string' && alert(notice.message),
  )
}

/** Takes a notice away again. */
export function untell(id: string): void {
  void import('@mantine/notifications').then(
    ({ notifications }) => notifications.hide(id),
    () => undefined,
  )
}

export function tellProblem(error: unknown): void {
  const message = error instanceof Error ? error.message : 'Something went wrong.'
  tell({ title: 'That did not work', message, color: 'red', autoClose: 8000 })
}
