import { useEffect, useState } from 'react'
import type { Exercise } from '@core/library/exercise'
import type { Unknown } from '@core/text/naming'
import { exerciseNames } from '@core/text/names'
import { quoted } from '@core/text/phrase'
import { withWords } from './in-text'

/** The exercise that is being added for a name in a text; once the hall has it, `onText` is given the text that names it. */
export function useMissedName(text: string, exercises: readonly Exercise[], onText: (text: string) => void) {
  const [place, setPlace] = useState<Unknown>()
  const [added, setAdded] = useState<string>()
  const exercise = added === undefined ? undefined : exercises.find(({ id }) => id === added)
  useEffect(() => {
    if (!exercise || !place) return
    setPlace(undefined)
    setAdded(undefined)
    // An id never names another.
    const named = !place.text.startsWith('#') && exerciseNames(exercises)([place.text])?.exercise.id === exercise.id
    onText(named ? text : withWords(text, place, quoted(exercise.name)))
    // oxlint-disable-next-line react/exhaustive-deps -- once it is there
  }, [exercise])
  return {
    onAdd: setPlace,
    adding: {
      name: added === undefined ? place?.name : undefined,
      onDone: (exerciseId?: string) => (exerciseId === undefined ? setPlace(undefined) : setAdded(exerciseId)),
    },
  }
}
