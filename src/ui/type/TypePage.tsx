import { useCallbackRef, useLocalStorage } from '@mantine/hooks'
import { nanoid } from 'nanoid'
import { useCallback, useDeferredValue, useMemo } from 'react'
import { pacesOf } from '@core/class/compute'
import type { Exercise } from '@core/library/exercise'
import type { HallSettings } from '@core/library/hall-settings'
import type { InText } from '@core/text/heard'
import { readText } from '@core/text/read'
import { rereading } from '@core/text/rereading'
import { AddMissed } from '../kit/AddMissed'
import { Fetched } from '../kit/Fetched'
import { fromText } from '../kit/from-text'
import { Kit } from '../kit/Kit'
import { ClassText } from '../text/ClassText'
import { withWords } from '../text/in-text'
import { useMissedName } from '../text/use-missed-name'
import { MakeClass, type MakeClassProps } from './MakeClass'
import { ReadClass } from './ReadClass'
import styles from './type.module.css'
import shell from '../shell/shell.module.css'

interface TypePageProps extends Pick<MakeClassProps, 'rooms' | 'habits' | 'now'> {
  /** The kinds of gear that the hall has. */
  gear: readonly { id: string; name: string }[]
  /** What the hall reckons with. */
  figures: HallSettings
}

/** A class from text: typed as on a board, or pasted as it is, with what it is read as beside it. */
export function TypePage(props: TypePageProps) {
  return (
    <Kit>
      <Fetched<Library> address={source} what="This hall’s exercises">
        {(library) => <Typing {...props} library={library} />}
      </Fetched>
    </Kit>
  )
}

interface Library {
  exercises: { document: Exercise }[]
}

const source = '/api/exercises'
const newId = () => nanoid(10)

function Typing({ rooms, habits, now, gear, figures, library }: TypePageProps & { library: Library }) {
  const exercises = useMemo(() => library.exercises.map(({ document }) => document), [library])
  const paces = useMemo(() => pacesOf({ exercises, figures }), [exercises, figures])
  // Nothing typed is lost by a press beside the field.
  const [text, setText, forget] = useLocalStorage({ key: 'class-as-text', defaultValue: '', getInitialValueInEffect: false })
  const { adding, onAdd } = useMissedName(text, exercises, setText)
  const read = useDeferredValue(text)
  const reread = useMemo(() => rereading(exercises, newId), [exercises])
  const reading = useMemo(() => reread(read), [read, reread])
  const isEmpty = text.trim() === ''
  const said = useCallbackRef(() => readText(text, exercises, newId))
  const onWords = useCallback((place: InText, words: string) => setText((now) => withWords(now, place, words)), [setText])
  return (
    <div className={shell.page}>
      <div className={shell.pageHead}>
        <h1>Type or paste a class</h1>
        <a className="second" href="/notation">
          How to write it
        </a>
        {!isEmpty && <MakeClass rooms={rooms} habits={habits} now={now} come={reading.people} said={said} onMade={forget} />}
      </div>
      <div className={styles.panes}>
        <section className={shell.sheet} aria-label="Text">
          <ClassText text={text} onChange={setText} reading={read === text ? reading : undefined} exercises={exercises} />
        </section>
        <section className={shell.sheet} aria-label="How it is read">
          <ReadClass reading={reading} paces={paces} exercises={exercises} empty={isEmpty} onAdd={onAdd} onWords={onWords} />
        </section>
      </div>
      <AddMissed {...adding} gear={gear} source={source} />
    </div>
  )
}

export const TypePageIsland = fromText(TypePage)
