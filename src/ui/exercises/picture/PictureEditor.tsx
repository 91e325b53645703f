import { Button, Modal, SegmentedControl, Switch } from '@mantine/core'
import { useStateHistory } from '@mantine/hooks'
import { useState } from 'react'
import { otherSide, withoutPose, withPoseAfter } from '@core/figure/edit'
import type { Figure } from '@core/figure/figure'
import { figureTroubles } from '@core/figure/limits'
import { FigurePicture } from '../../kit/FigurePicture'
import { PictureTools } from './PictureTools'
import { PoseCanvas } from './PoseCanvas'
import kit from '../../kit/kit.module.css'
import styles from './picture.module.css'
import { useFocusBack } from '../../kit/use-focus-back'

interface PictureEditorProps {
  name: string
  figure: Figure
  repSeconds: number
  onClose: () => void
  onDone: (figure: Figure) => void
}

/** A movement pose by pose: joints are dragged as far as a body can go, and it is played. */
export function PictureEditor({ name, figure: first, repSeconds, onClose, onDone }: PictureEditorProps) {
  useFocusBack()
  const [figure, { set, back, forward }, { current, history }] = useStateHistory(first)
  const [index, setIndex] = useState(0)
  const [playing, setPlaying] = useState(false)
  const at = Math.min(index, figure.poses.length - 1)
  const troubles = figureTroubles(figure)
  return (
    <Modal opened onClose={onClose} title={`How ${name || 'it'} looks`} size={1020} transitionProps={{ duration: 0 }}>
      <div className={styles.bar}>
        <SegmentedControl
          aria-label="Pose"
          data={figure.poses.map((_, pose) => ({ value: String(pose), label: pose === 0 ? 'Start' : `Pose ${pose + 1}` }))}
          value={String(at)}
          onChange={(pose) => {
            setIndex(Number(pose))
            setPlaying(false)
          }}
        />
        <Button
          size="xs"
          variant="default"
          disabled={figure.poses.length >= 6}
          onClick={() => {
            set(withPoseAfter(figure, at))
            setIndex(at + 1)
          }}
        >
          Pose after this
        </Button>
        <Button size="xs" variant="default" disabled={figure.poses.length === 1} onClick={() => set(withoutPose(figure, at))}>
          Remove pose
        </Button>
        <Button size="xs" variant="default" onClick={() => set(otherSide(figure))}>
          Other side
        </Button>
        <Button size="xs" variant="default" disabled={current === 0} onClick={() => back()}>
          Undo
        </Button>
        <Button size="xs" variant="default" disabled={current === history.length - 1} onClick={() => forward()}>
          Redo
        </Button>
        <Button size="xs" variant="default" aria-pressed={playing} onClick={() => setPlaying(!playing)}>
          {playing ? 'Stop' : 'Play'}
        </Button>
      </div>
      <div className={styles.editor}>
        {playing ? (
          <div className={styles.played}>
            <FigurePicture figure={figure} moving={{ repSeconds }} label={`${name} moves`} />
          </div>
        ) : (
          <PoseCanvas figure={figure} index={at} onChange={set} />
        )}
        <PictureTools figure={figure} onChange={set} />
      </div>
      <div className={styles.bar}>
        <Switch
          label="Both sides in turn"
          checked={figure.swaps ?? false}
          onChange={({ currentTarget: { checked } }) => set({ ...figure, swaps: checked || undefined })}
        />
        <Switch
          label="Drawn facing the other way"
          checked={figure.mirrored ?? false}
          onChange={({ currentTarget: { checked } }) => set({ ...figure, mirrored: checked || undefined })}
        />
        <Switch
          label="Lowered on the way to the last pose"
          checked={figure.lowers ?? false}
          onChange={({ currentTarget: { checked } }) => set({ ...figure, lowers: checked })}
        />
      </div>
      {troubles.length > 0 && (
        <p className="second" role="status">
          Look again at: {troubles.slice(0, 4).join('; ')}
          {troubles.length > 4 && `, and ${troubles.length - 4} more`} (in hundredths of the height). It can be kept like this.
        </p>
      )}
      <div className={kit.dialogFoot}>
        <Button variant="default" onClick={onClose}>
          Cancel
        </Button>
        <Button onClick={() => onDone(figure)}>Take this picture</Button>
      </div>
    </Modal>
  )
}
