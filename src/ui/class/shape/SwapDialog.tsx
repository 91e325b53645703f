import { Button, Checkbox, Modal, SegmentedControl, Select } from '@mantine/core'
import { useMemo, useState } from 'react'
import { Strain, strainNames } from '@core/library/exercise'
import { swapsFor, withSwaps, type Direction } from '@core/suggest/ladder'
import { BeforeAfter } from '../shared/BeforeAfter'
import { useClass, usePlanEdits } from '../shared/context'
import styles from '../class.module.css'
import kit from '../../kit/kit.module.css'

/** Makes the class harder, easier or gentler along the ladders of its exercises: a list of changes, to be ticked before any is made. */
export function SwapDialog({ opened, onClose }: { opened: boolean; onClose: () => void }) {
  const { document, library } = useClass()
  const { setPlan } = usePlanEdits()
  const [way, setWay] = useState('easier')
  const [strain, setStrain] = useState<Strain>('knee')
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set())
  const direction: Direction = way === 'gentler' ? strain : (way as 'harder' | 'easier')
  const swaps = useMemo(() => (opened ? swapsFor(document.plan, library, direction) : []), [opened, document.plan, library, direction])
  const chosen = swaps.filter((swap) => !left.has(swap.useId))
  return (
    <Modal opened={opened} onClose={onClose} title="Along the ladders" size="lg">
      <SegmentedControl
        fullWidth
        aria-label="Which way"
        data={[
          { value: 'easier', label: 'easier' },
          { value: 'harder', label: 'harder' },
          { value: 'gentler', label: 'gentler on …' },
        ]}
        value={way}
        onChange={setWay}
      />
      {way === 'gentler' && (
        <Select
          mt="sm"
          label="Gentler on"
          data={Strain.options.map((option) => ({ value: option, label: strainNames[option] }))}
          value={strain}
          allowDeselect={false}
          onChange={(next) => next && setStrain(next as Strain)}
        />
      )}
      {swaps.length === 0 ? (
        <div className={kit.empty}>
          <h2>Nothing to change</h2>
          <p>{way === 'gentler' ? 'No exercise of this class asks for it.' : 'No exercise of this class has a rung further that way.'}</p>
        </div>
      ) : (
        <ul className={styles.swaps}>
          {swaps.map((swap) => (
            <li key={swap.useId}>
              <Checkbox
                checked={!left.has(swap.useId)}
                onChange={(event) => {
                  const { checked } = event.currentTarget
                  setLeft((now) => new Set(checked ? [...now].filter((id) => id !== swap.useId) : [...now, swap.useId]))
                }}
                label={
                  <>
                    <span className="second">{swap.where}</span> {swap.from.name} → <b>{swap.to.name}</b>
                    <BeforeAfter from={swap.from} to={swap.to} />
                  </>
                }
              />
            </li>
          ))}
        </ul>
      )}
      <div className={kit.dialogFoot}>
        <Button
          disabled={chosen.length === 0}
          onClick={() => {
            setPlan(withSwaps(document.plan, chosen))
            onClose()
          }}
        >
          Make {chosen.length === 1 ? 'this change' : `these ${chosen.length} changes`}
        </Button>
      </div>
    </Modal>
  )
}
