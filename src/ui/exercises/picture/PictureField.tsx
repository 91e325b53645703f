import { Button, Select } from '@mantine/core'
import { useState } from 'react'
import type { Exercise } from '@core/library/exercise'
import type { Figure } from '@core/figure/figure'
import { formsOf } from '@core/library/form'
import { FigurePicture } from '../../kit/FigurePicture'
import { whenOpened } from '../../kit/when-opened'
import styles from './picture.module.css'

const PictureEditor = whenOpened(async () => {
  const { PictureEditor: Editor } = await import('./PictureEditor')
  return ({ opened, ...props }: { opened: boolean } & Parameters<typeof Editor>[0]) => opened && <Editor {...props} />
})

interface PictureFieldProps {
  /** Of what it is the picture. */
  name: string
  figure: Figure | undefined
  /** What it looks like without one of its own. */
  inherited?: Figure | undefined
  repSeconds: number
  exercises: readonly Exercise[]
  onChange: (figure: Figure | undefined) => void
}

/** How an exercise looks: begun with the picture of a similar one, and changed pose by pose. */
export function PictureField({ name, figure, inherited, repSeconds, exercises, onChange }: PictureFieldProps) {
  const [editing, setEditing] = useState(false)
  const shown = figure ?? inherited
  const forms = new Map(exercises.flatMap(formsOf).flatMap((form) => (form.figure ? [[form.name, form.figure] as const] : [])))
  return (
    <div className={styles.field}>
      <div className={styles.shown}>
        {shown ? <FigurePicture figure={shown} label={`How ${name || 'it'} looks`} /> : <span className="second">No picture yet</span>}
      </div>
      <div className={styles.choices}>
        <Select
          label={shown ? 'Begin anew with the picture of' : 'Begin with the picture of'}
          placeholder="a similar exercise"
          data={[...forms.keys()].sort((a, b) => a.localeCompare(b))}
          value={null}
          searchable
          limit={40}
          onChange={(chosen) => chosen && onChange(structuredClone(forms.get(chosen)))}
        />
        <div className={styles.bar}>
          <Button size="xs" variant="default" disabled={!shown} onClick={() => setEditing(true)}>
            Change the picture
          </Button>
          {figure && (
            <Button size="xs" variant="default" onClick={() => onChange(undefined)}>
              {inherited ? 'As the exercise' : 'Take it out'}
            </Button>
          )}
        </div>
      </div>
      {shown && (
        <PictureEditor
          opened={editing}
          name={name}
          figure={shown}
          repSeconds={repSeconds}
          onClose={() => setEditing(false)}
          onDone={(next) => {
            onChange(next)
            setEditing(false)
          }}
        />
      )}
    </div>
  )
}
