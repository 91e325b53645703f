import { Button, Group, Modal, NumberInput, Radio } from '@mantine/core'
import { useState } from 'react'
import { commonFigures, HallFigures } from '@core/hall/figures'
import { read } from '@core/plan/read'
import { api } from '../kit/api'

interface Stored {
  version: number
  figures: HallFigures
}

type Section = 'repPace' | 'slowingPercent' | 'briefSeconds'

const sections: { key: Section; title: string; what: string; unit: string; fields: [string, string][] }[] = [
  { key: 'repPace', title: 'Seconds a rep', what: 'where an exercise has no pace of its own, the way to the next one included', unit: ' s', fields: [['low', 'the quick'], ['typical', 'most people'], ['high', 'the slow']] },
  { key: 'slowingPercent', title: 'Slowing down', what: 'how much slower reps get with each minute of a self-paced list', unit: ' %', fields: [['low', 'the quick'], ['typical', 'most people'], ['high', 'the slow']] },
  { key: 'briefSeconds', title: 'Explaining an exercise', what: 'with set-up, form and options', unit: ' s', fields: [['least', 'least'], ['usual', 'usual'], ['most', 'most']] },
]

/** The figures the hall reckons with, for every estimate of every class. */
export function FiguresDialog({ stored, onClose }: { stored: Stored; onClose: () => void }) {
  const [figures, setFigures] = useState<Record<Section, Record<string, number>>>(() => ({ repPace: stored.figures.repPace, slowingPercent: stored.figures.slowingPercent, briefSeconds: stored.figures.briefSeconds }))
  const [clock, setClock] = useState<'24h' | '12h'>(stored.figures.clock ?? '24h')
  const [wrong, setWrong] = useState<string[]>([])
  const [busy, setBusy] = useState(false)
  const set = (section: Section, field: string, value: number) => setFigures((now) => ({ ...now, [section]: { ...now[section], [field]: value } }))
  const store = async () => {
    const checked = read(HallFigures, { ...stored.figures, ...figures, clock })
    if (!checked.ok) return setWrong(checked.problems.map((problem) => problem.message))
    setBusy(true)
    try {
      await api('PUT', '/api/hall/figures', { version: stored.version, figures: checked.value })
      location.reload()
    } catch (error) {
      setWrong([(error as Error).message])
      setBusy(false)
    }
  }
  return (
    <Modal opened onClose={onClose} title="Figures this hall reckons with" size="lg">
      {wrong.length > 0 && (
        <div className="note is-mend" role="alert">
          {wrong.map((text) => (
            <p key={text}>{text}</p>
          ))}
        </div>
      )}
      {sections.map(({ key, title, what, unit, fields }) => (
        <fieldset className="numbers" key={key}>
          <legend>
            <b>{title}</b> <span className="second">{what}</span>
          </legend>
          {fields.map(([field, name]) => (
            <NumberInput key={field} label={name} decimalScale={1} min={0} suffix={unit} hideControls value={Number.isNaN(figures[key][field]) ? '' : figures[key][field]} onChange={(value) => set(key, field, typeof value === 'number' ? value : NaN)} />
          ))}
        </fieldset>
      ))}
      <Radio.Group label="Times of day" value={clock} onChange={(value) => setClock(value as '24h' | '12h')}>
        <Group gap="md">
          <Radio value="24h" label="18:05" />
          <Radio value="12h" label="6:05 pm" />
        </Group>
      </Radio.Group>
      <p className="second">The first figures are common practice, apart from the slowing down, which is our estimate. Set them to what you see in your classes.</p>
      <div className="dialog-foot">
        <Button variant="default" onClick={() => setFigures({ repPace: commonFigures.repPace, slowingPercent: commonFigures.slowingPercent, briefSeconds: commonFigures.briefSeconds })}>
          Common figures
        </Button>
        <Button loading={busy} onClick={() => void store()}>
          Store
        </Button>
      </div>
    </Modal>
  )
}
