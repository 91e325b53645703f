import { Button } from '@mantine/core'
import { useStore } from 'zustand'
import { isNewer } from './newer-version'
import { useWouldLose } from './unsaved'
import kit from './kit.module.css'

/** Offers to load the page anew when the app has been renewed under it, as soon as nothing would be lost by that. */
export function NewerVersion() {
  const newer = useStore(isNewer)
  const wouldLose = useWouldLose()
  if (!newer || wouldLose) return null
  return (
    <div className={`${kit.newerVersion} no-print`} role="status">
      <span>Vicinor has been updated. What you typed is saved.</span>
      <Button size="xs" variant="default" onClick={() => location.reload()}>
        Reload
      </Button>
    </div>
  )
}
