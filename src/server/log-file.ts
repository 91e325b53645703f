import { parse } from 'node:path'
import { createStream } from 'rotating-file-stream'

/** How many files are kept of what was said before. */
const kept = 4

/**
 * Writes lines to a file that is begun anew at `size` ("5M"): what was in it is `app.1.log` then, and older the higher its number.
 * What cannot be written, as on a full disk, is lost; why is told to the terminal, once, and with the next line it is tried again.
 */
export function logFile(file: string, size = '5M'): { write: (line: string) => void } {
  const { dir, name, ext } = parse(file)
  const named = (index: unknown) => (typeof index === 'number' ? `${name}.${index}${ext}` : `${name}${ext}`)
  let trouble: string | undefined
  const tell = ({ message }: Error) => {
    if (message !== trouble) console.error(`The log could not be written: ${message}`)
    trouble = message
  }
  const begin = () => createStream(named, { path: dir, size, rotate: kept }).on('error', tell)
  let stream = begin()
  return {
    write: (line) => {
      if (stream.destroyed) stream = begin()
      stream.write(line)
    },
  }
}
