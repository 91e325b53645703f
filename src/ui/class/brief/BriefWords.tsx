import type { BriefItem } from '@core/brief/walk-through'

export const rungWords = { easier: 'Easier', harder: 'Harder', substitute: 'Instead' } as const
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
      {item.cautions.map((caution) => (
        <p key={caution} className="caution">
          {caution}
        </p>
      ))}
    </>
  )
}
