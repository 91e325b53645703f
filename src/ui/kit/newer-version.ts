import { createStore } from 'zustand'

/** Whether the server that answers was built later than this page. */
export const isNewer = createStore(() => false)

/** The build that an answer came from; nothing where it does not say. */
export function hearBuild(build: string | null): void {
  if (build && import.meta.env.BUILD !== undefined && build !== import.meta.env.BUILD) isNewer.setState(true, true)
}
