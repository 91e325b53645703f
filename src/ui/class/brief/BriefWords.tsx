import { andList } from '@core/base/and-list'
import type { BriefItem } from '@core/brief/walk-through'

const rungWords = { easier: 'Easier', harder: 'Harder', substitute: 'Instead' } as const

/** One exercise as it is explained. */
export function BriefWords({ item }: { item: BriefItem }) {
  return (
    <>
      <div className="brief-name">
        <span className="brief-number">{item.station}</span> {item.name}
        {item.when && <span className="second"> {item.when}</span>}
        {item.gear.length > 0 && <span className="second brief-gear">{item.gear.join(', ')}</span>}
      </div>
      <p>
        {item.setUp} {item.points.length > 0 && `${item.points.join('. ')}.`} {item.breathing}
      </p>
      {(item.how || item.sides || item.repStandard) && (
        <p>{[item.how && `${item.how}.`, item.repStandard && `A rep: ${item.repStandard}`, item.sides].filter(Boolean).join(' ')}</p>
      )}
      {item.fault && <p className="second">Fault: {item.fault}</p>}
      {item.options.length > 0 && (
        <p>
          {item.options.map((option, index) => (
            <span key={option.name}>
              {index > 0 && ' · '}
              <span className="second">{rungWords[option.rung]}</span> {option.name}
            </span>
          ))}
        </p>
      )}
      {item.instead.length > 0 && (
        <p>
          <span className="second">Tonight</span>{' '}
          {item.instead.map(({ name, who }) => `${andList(who)}: ${name.charAt(0).toLowerCase()}${name.slice(1)}`).join(' · ')}
        </p>
      )}
      {item.cautions.map((caution) => (
        <p key={caution} className="caution">
          {caution}
        </p>
      ))}
    </>
  )
}
