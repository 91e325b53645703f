import type { ShownFigure } from '@core/run/screens/shown-figure'
import { isLead } from '@core/summary/lead'
import { FigurePicture } from '../kit/FigurePicture'
import styles from './ListPictures.module.css'

interface ListPicturesProps {
  lines: readonly string[]
  /** Of each line, where it has one. */
  pictures: readonly (ShownFigure | undefined)[]
}

/** The items of a list as pictures, by their numbers in it; everybody is somewhere else in it, so that none moves. */
export function ListPictures({ lines, pictures }: ListPicturesProps) {
  const numbered = lines.map((line, index) => ({
    number: lines.slice(0, index + 1).filter((known) => !isLead(known)).length,
    picture: isLead(line) ? undefined : pictures[index],
  }))
  return (
    <ol className={styles.pictures} aria-label="The list in pictures">
      {numbered.map(
        ({ number, picture }, index) =>
          picture && (
            <li key={index}>
              <b>{number}</b>
              <FigurePicture figure={picture.figure} label={picture.words} />
            </li>
          ),
      )}
    </ol>
  )
}
