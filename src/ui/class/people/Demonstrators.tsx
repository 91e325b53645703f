import { versions } from '@core/class/demonstrators'
import { Button, Checkbox, Select } from '@mantine/core'
import { outOfSight } from '@core/findings/rules/out-of-sight'
import { useClass } from '../shared/context'
import styles from '../class.module.css'
import kit from '../../kit/kit.module.css'

/** Who shows which version; Brief and wall say whom to follow. */
export function Demonstrators() {
  const { document, computed, change, store } = useClass()
  if (computed.people.length === 0) return null
  const names = computed.people.map((person) => ({ value: person.id, label: person.name }))
  const easier = computed.people.find(({ id }) => id === document.demonstrators?.easier)
  const agreed = easier !== undefined && document.demonstrators?.agreed === easier.id
  const [hidden] = outOfSight({ document, computed })
  return (
    <>
      <h2 className={styles.nextHead}>Who shows it</h2>
      <div className={styles.fields}>
        {versions.map((version) => (
          <Select
            key={version}
            description={version === 'easier' && easier && !agreed ? 'Nobody is told to follow them yet' : undefined}
            inputWrapperOrder={['label', 'input', 'description']}
            label={`The ${version} version`}
            placeholder="nobody"
            clearable
            searchable
            data={names}
            value={document.demonstrators?.[version] ?? null}
            onChange={(id) =>
              change((draft) => {
                const { [version]: _, ...rest } = draft.demonstrators ?? {}
                draft.demonstrators = id ? { ...rest, [version]: id } : rest
              })
            }
          />
        ))}
      </div>
      {easier && (
        <Checkbox
          mt="sm"
          label={`${easier.name} has agreed to show the easier version, and to be named for it on the wall`}
          checked={agreed}
          onChange={({ currentTarget: { checked } }) =>
            change((draft) => {
              const { agreed: _, ...rest } = draft.demonstrators ?? {}
              draft.demonstrators = checked ? { ...rest, agreed: easier.id } : rest
            })
          }
        />
      )}
      {hidden && (
        <div className={kit.note} data-severity="weigh" role="status">
          <b>{hidden.what}</b>
          <p>{hidden.why}</p>
          {hidden.fix && (
            <Button size="xs" variant="default" onClick={() => store.getState().replace(hidden.fix!.apply(document))}>
              {hidden.fix.label}
            </Button>
          )}
        </div>
      )}
    </>
  )
}
