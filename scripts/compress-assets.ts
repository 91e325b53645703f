import { readdir, readFile, writeFile } from 'node:fs/promises'
import { join } from 'node:path'
import { promisify } from 'node:util'
import { brotliCompress, constants, gzip } from 'node:zlib'

const worth = /\.(js|css|svg|json|map|html|txt)$/
const [brotli, zip] = [promisify(brotliCompress), promisify(gzip)]

/**
 * Puts a compressed copy beside every file of a folder that is smaller so: compressed once, as far as it goes, instead of at every
 * request.
 */
export async function compressAssets(folder: string): Promise<void> {
  const files = (await readdir(folder, { recursive: true, withFileTypes: true })).filter(
    (entry) => entry.isFile() && worth.test(entry.name),
  )
  await Promise.all(
    files.map(async (entry) => {
      const path = join(entry.parentPath, entry.name)
      const plain = await readFile(path)
      if (plain.length < 1000) return
      await writeFile(`${path}.br`, await brotli(plain, { params: { [constants.BROTLI_PARAM_QUALITY]: 11 } }))
      await writeFile(`${path}.gz`, await zip(plain, { level: 9 }))
    }),
  )
}
