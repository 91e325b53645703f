import { useEffect } from 'react'
import { awakeWords } from '../live/ScreenCheck'
import type { useSound } from '../live/use-sound'
import type { Awake } from '../live/use-wake-lock'
import styles from './BeforeStart.module.css'
import controls from './controls.module.css'

interface BeforeStartProps {
  people: number
  screensPath: string | undefined
  /** Whether the screens show themselves just now. */
  checking: boolean
  awake: Awake
  sound: ReturnType<typeof useSound>
  shut: boolean
  onCheck: () => void
}

/** What is looked at before the start, in a minute: the screens, who is here, and this device itself. */
export function BeforeStart({ people, screensPath, checking, awake, sound, shut, onCheck }: BeforeStartProps) {
  const { check } = sound
  useEffect(() => {
    if (checking) check('Controls')
  }, [checking, check])
  const press = async () => {
    // A press that browsers take for leave to sound.
    if (!sound.on) await sound.turn(true)
    onCheck()
  }
  return (
    <section className={`${controls.controlsCard} ${controls.givesWay}`} aria-label="Before you start">
      <div className="second">Before you start</div>
      <ol className={styles.steps}>
        <li>
          Open the wall, and what else is to be seen
          {screensPath && (
            <>
              :{' '}
              <a href={screensPath} target="_blank" rel="noopener">
                Screens
              </a>
            </>
          )}
          .
        </li>
        <li>
          <button type="button" className="small-button" disabled={shut || checking} onClick={() => void press()}>
            Check all screens
          </button>{' '}
          {checking
            ? 'Each now shows which it is, and whether it is heard and stays awake.'
            : 'Each shows its name for a quarter of a minute, beeps and says it.'}
        </li>
        <li>
          {people === 1 ? '1 person is' : `${people} people are`} in the class: who is late or away is changed under People. This device:{' '}
          {awakeWords[awake].toLowerCase()}.
        </li>
      </ol>
    </section>
  )
}
