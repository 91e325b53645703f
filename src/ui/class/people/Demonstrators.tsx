import { versions } from '@core/class/demonstrators'
import { Select, Button } from '@mantine/core'
import { outOfSight } from '@core/findings/rules/out-of-sight'
import { useClass } from '../shared/context'

/** Who shows which version; Brief and wall say whom to follow. */
export function Demonstrators() {
  const { document, computed, change, store } = useClass()
  if (computed.people.length === 0) return null
  const names = computed.people.map((person) => ({ value: person.id, label: person.name }))
  const [hidden] = outOfSight({ document, computed })
  return (
    <>
      <h2 style={{ marginTop: 28 }}>Who shows it</h2>
      <div className="fields">
        {versions.map((version) => (
          <Select
            key={version}
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
      {hidden && (
        <div className="note is-weigh" role="status">
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
