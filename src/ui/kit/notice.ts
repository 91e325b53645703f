import { notifications } from '@mantine/notifications'

export function tellProblem(error: unknown): void {
  const message = error instanceof Error ? error.message : 'Something went wrong.'
  notifications.show({ title: 'That did not work', message, color: 'red', autoClose: 8000 })
}
