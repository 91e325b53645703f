import { classCautions } from '@core/brief/cautions'
import type { BriefSection } from '@core/brief/walk-through'
import { AgainWords, BriefWords, SectionWords } from './BriefWords'
import type { ReadingPage } from './ReadingView'
import styles from './brief.module.css'

/** The whole brief as it is read out: welcome and safety, then the class in its order, one exercise at a time. */
export function readingPages(
  opening: readonly string[],
  sections: readonly BriefSection[],
  movesOf: (circuitId: string) => readonly string[],
): ReadingPage[] {
  const welcome: ReadingPage = {
    title: 'Welcome and safety',
    name: 'Welcome and safety',
    body: (
      <>
        <p>Welcome.</p>
        {opening.map((sentence) => (
          <p key={sentence}>{sentence}</p>
        ))}
        <ul className={styles.cautions}>
          {classCautions.map((caution) => (
            <li key={caution}>{caution}</li>
          ))}
        </ul>
      </>
    ),
  }
  return [welcome, ...sections.flatMap((section) => pagesOf(section, movesOf(section.circuitId)))]
}

function pagesOf(section: BriefSection, moves: readonly string[]): ReadingPage[] {
  const titleOf = (of: string) => `${section.name}${section.asDone ? ', shown as it is done' : ''}${of}`
  const whole = <SectionWords section={section} moves={moves} />
  if (section.items.length === 0)
    return [
      {
        title: titleOf(''),
        name: section.name,
        body: (
          <>
            {whole}
            <AgainWords again={section.again} />
          </>
        ),
      },
    ]
  return section.items.map((item, index) => ({
    title: titleOf(`, ${index + 1} of ${section.items.length}`),
    name: item.name,
    body: (
      <>
        {index === 0 && whole}
        <BriefWords item={item} />
        {index === section.items.length - 1 && <AgainWords again={section.again} />}
      </>
    ),
  }))
}
