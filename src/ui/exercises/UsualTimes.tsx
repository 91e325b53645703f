import { Button, Group, Radio } from '@mantine/core'
import { useState } from 'react'
import { commonSettings, HallSettings } from '@core/library/hall-settings'
import { read } from '@core/base/read'
import type { Problem } from '@core/base/result'
import { FormDialog } from '../kit/FormDialog'
import { NumberField } from '../kit/NumberField'
import { useHallSettings, type StoredSettings } from '../kit/use-hall-settings'
import { Troubles } from '../kit/Troubles'
import styles from './exercises.module.css'
import kit from '../kit/kit.module.css'

type Section = 'repPace' | 'slowingPercent' | 'briefSeconds'

const sections: { key: Section; title: string; what: string; unit: string; fields: [string, string][] }[] = [
  {
    key: 'repPace',
    title: 'Seconds a rep',
    what: 'where an exercise has no pace of its own, the way to the next one included',
    unit: 's',
    fields: [
      ['low', 'the quick'],
      ['typical', 'most people'],
      ['high', 'the slow'],
    ],
  },
  {
    key: 'slowingPercent',
    title: 'Slowing down',
    what: 'how much slower reps get with each minute of a self-paced list',
    unit: '%',
    fields: [
      ['low', 'the quick'],
      ['typical', 'most people'],
      ['high', 'the slow'],
    ],
  },
  {
    key: 'briefSeconds',
    title: 'Explaining an exercise',
    what: 'with set-up, form and options',
    unit: 's',
    fields: [
      ['least', 'least'],
      ['usual', 'usual'],
      ['most', 'most'],
    ],
  },
]

/** `repPace.low`: "Seconds a rep, the quick". */
const fieldNames = Object.fromEntries(
  sections.flatMap(({ key, title, fields }) => [
    [key, title] as const,
    ...fields.map(([field, name]) => [`${key}.${field}`, `${title}, ${name}`] as const),
  ]),
)

/** What the hall reckons with, for every estimate of every class. */
export function UsualTimes({ first, onClose }: { first: StoredSettings; onClose: () => void }) {
  const { settings, busy, store: storeSettings } = useHallSettings(first)
  const [figures, setFigures] = useState<Record<Section, Record<string, number>>>(() => ({
    repPace: settings.repPace,
    slowingPercent: settings.slowingPercent,
    briefSeconds: settings.briefSeconds,
  }))
  const dirty = sections.some(({ key, fields }) =>
    fields.some(([field]) => !Object.is(figures[key][field], (settings[key] as Record<string, number>)[field])),
  )
  const [clock, setClock] = useState<'24h' | '12h'>(settings.clock ?? '24h')
  const [wrong, setWrong] = useState<Problem[]>([])
  const set = (section: Section, field: string, value: number) =>
    setFigures((now) => ({ ...now, [section]: { ...now[section], [field]: value } }))
  const store = async () => {
    const checked = read(HallSettings, { ...settings, ...figures, clock })
    if (!checked.ok) return setWrong(checked.problems)
    try {
      await storeSettings(checked.value)
      onClose()
    } catch (error) {
      setWrong([{ code: 'failed', field: '', message: (error as Error).message }])
    }
  }
  return (
    <FormDialog dirty={dirty} onClose={onClose} title="Usual times of this hall" size="lg">
      <Troubles problems={wrong} names={fieldNames} />
      {sections.map(({ key, title, what, unit, fields }) => (
        <fieldset className={styles.numbers} key={key}>
          <legend>
            <b>{title}</b> <span className="second">{what}</span>
          </legend>
          {fields.map(([field, name]) => (
            <NumberField
              key={field}
              label={name}
              decimals={1}
              unit={unit}
              value={figures[key][field]}
              onChange={(value) => set(key, field, value ?? NaN)}
            />
          ))}
        </fieldset>
      ))}
      <Radio.Group label="Times of day" value={clock} onChange={(value) => setClock(value as '24h' | '12h')}>
        <Group gap="md">
          <Radio value="24h" label="18:05" />
          <Radio value="12h" label="6:05 pm" />
        </Group>
      </Radio.Group>
      <p className="second">
        The first times are common practice, apart from the slowing down, which is our estimate. Set them to what you see in your classes.
      </p>
      <div className={kit.dialogFoot}>
        <Button
          variant="default"
          onClick={() =>
            setFigures({
              repPace: commonSettings.repPace,
              slowingPercent: commonSettings.slowingPercent,
              briefSeconds: commonSettings.briefSeconds,
            })
          }
        >
          Common times
        </Button>
        <Button loading={busy} onClick={() => void store()}>
          Save
        </Button>
      </div>
    </FormDialog>
  )
}
