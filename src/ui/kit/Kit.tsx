import { MantineProvider } from '@mantine/core'
import { QueryClientProvider } from '@tanstack/react-query'
import { type ReactNode } from 'react'
import { useStore } from 'zustand'
import { cssVariables, theme } from '../theme'
import { Guard } from './Guard'
import { toldAnything } from './notice'
import { NewerVersion } from './NewerVersion'
import { onDemand } from './on-demand'
import { queryClient } from './query-client'

const Notifications = onDemand(async () => (await import('@mantine/notifications')).Notifications, true)

/** What every planning island stands in: the theme, notices, what was asked of the server, and a guard that keeps an error to its view. */
export function Kit({ children }: { children: ReactNode }) {
  return (
    <MantineProvider theme={theme} cssVariablesResolver={cssVariables} defaultColorScheme="auto">
      {useStore(toldAnything) && <Notifications position="bottom-right" />}
      <QueryClientProvider client={queryClient}>
        <NewerVersion />
        <Guard>{children}</Guard>
      </QueryClientProvider>
    </MantineProvider>
  )
}
