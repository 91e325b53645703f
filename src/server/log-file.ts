import { parse } from 'node:path'
import { createStream } from 'rotating-file-stream'

/** How many files are kept of what was said before. */
const kept = 4

/**
 * Writes lines to a file that is begun anew at `size` ("5M"): what was in it is `app.1.log` then, and older the higher its number.
 * What cannot be written, as on a full disk, is told to the terminal; the next line is tried again, and nothing else waits for it.
 */
export function logFile(file: string, size = '5M'): { write: (line: string) => void } {
  const { dir, name, ext } = parse(file)
  const begin = () =>
    createStream((index) => (typeof index === 'number' ? `${name}.${index}${ext}` : `${name}${ext}`), { path: dir, size, rotate: kept }).on(
      'error',
      (error) => console.error(`The log could not be written: ${error.message}`),
    )
  let stream = begin()
  return {
    write: (line) => {
      if (stream.destroyed) stream = begin()
      stream.write(line)
    },
  }
}
