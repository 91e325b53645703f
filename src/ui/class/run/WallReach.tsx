import { useLocalStorage } from '@mantine/hooks'
import { settingsOf } from '@core/class/compute'
import { metresPerFoot, showLength } from '@core/library/length'
import { readingDistance } from '@core/run/screens/reading-distance'
import { layoutNames, layouts } from '@core/run/screens/wall-layouts'
import { wallSizes } from '../../wall/layouts'
import { DraftField, decimalNotation } from '../../kit/DraftField'
import { TableHead } from '../../kit/TableHead'
import { useClass } from '../shared/context'

/** From how far the wall can be read, on a picture of a width that this device remembers. */
export function WallReach() {
  const { library } = useClass()
  const unit = settingsOf(library).lengthUnit ?? 'm'
  const inUnit = unit === 'm' ? 1 : metresPerFoot
  const [metres, setMetres] = useLocalStorage({ key: 'vicinor-wall-width', defaultValue: 1.2 })
  const from = (share: number) => showLength(Math.floor(readingDistance(share * metres) * 2) / 2, unit)
  return (
    <>
      <h2>How far the wall reads</h2>
      <DraftField
        label={`Width of its picture, ${unit}`}
        notation={decimalNotation(0.2, unit === 'm' ? 20 : 60, unit === 'm' ? 'metres' : 'feet')}
        value={Number((metres / inUnit).toFixed(2))}
        onChange={(width) => width !== undefined && setMetres(width * inUnit)}
      />
      <p className="second">
        Reckoned with 22 arc minutes (ISO 9241-303) on a 16 : 9 screen. The layout is chosen at the foot of the wall.
      </p>
      <table className="plain">
        <TableHead
          columns={['Layout', { name: 'Digits', kind: 'figure' }, { name: 'Words', kind: 'figure' }, { name: 'Names', kind: 'figure' }]}
        />
        <tbody>
          {layouts.map((layout) => (
            <tr key={layout}>
              <th scope="row">{layoutNames[layout]}</th>
              <td className="figure">{from(wallSizes[layout].digits)}</td>
              <td className="figure">{from(wallSizes[layout].headline)}</td>
              <td className="figure">{from(wallSizes[layout].names)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  )
}
