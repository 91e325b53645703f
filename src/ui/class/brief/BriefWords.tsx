import { midSentence } from '@core/base/mid-sentence'
import { andList } from '@core/base/and-list'
import type { BriefItem, BriefSection } from '@core/brief/walk-through'
import { FigurePicture } from '../../kit/FigurePicture'
import styles from './brief.module.css'

const rungWords = { easier: 'Easier', harder: 'Harder', substitute: 'Instead' } as const

/** One exercise as it is explained. */
export function BriefWords({ item }: { item: BriefItem }) {
  return (
    <div className={styles.briefItem}>
      {item.figure && (
        <div className={styles.briefFigure}>
          <FigurePicture figure={item.figure} />
        </div>
      )}
      <div className={styles.briefName}>
        <span className={styles.briefNumber}>{item.number}</span> {item.name}
        {item.when && <span className="second"> {item.when}</span>}
        {item.gear.length > 0 && <span className={`second ${styles.briefGear}`}>{item.gear.join(', ')}</span>}
      </div>
      <p>
        {item.setUp} {item.points.length > 0 && `${item.points.join('. ')}.`} {item.breathing}
      </p>
      {(item.how || item.sides || item.repStandard) && (
        <p>{[item.how && `${[item.how, ...item.differs].join('; ')}.`, item.repStandard, item.sides].filter(Boolean).join(' ')}</p>
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
          <span className="second">Tonight</span> {item.instead.map(({ name, who }) => `${andList(who)}: ${midSentence(name)}`).join(' · ')}
        </p>
      )}
      {item.cautions.map((caution) => (
        <p key={caution} className="caution">
          {caution}
        </p>
      ))}
    </div>
  )
}

/** What is done here and was explained elsewhere, by number. */
export function AgainWords({ again }: { again: BriefSection['again'] }) {
  if (again.length === 0) return null
  return (
    <p>
      <span className="second">As explained</span>{' '}
      {again.map(({ number, name, how }) => `${number} ${name}${how ? `, ${how}` : ''}`).join(' · ')}
    </p>
  )
}

/** What is said of a circuit as a whole: how the room moves, and what of its clock differs. */
export function SectionWords({ section, moves }: { section: BriefSection; moves: readonly string[] }) {
  return (
    <>
      {moves.map((sentence, index) => (
        <p key={sentence} className={index === 0 ? styles.briefMoves : undefined}>
          {index === 0 ? `“${sentence}”` : sentence}
        </p>
      ))}
      {section.list && <p>{section.list}</p>}
      {section.differs.length > 0 && (
        <p>
          <span className="second">Differs</span> {section.differs.join(' · ')}
        </p>
      )}
    </>
  )
}
