// Prints package-lock.json with the address at which a registry has each package:
//   node scripts/shell/lock-addresses.mjs "$(npm config get registry)"
// The lock file names no registry, so npm would first ask for everything there is to know of each package, which takes longer than to
// fetch it. Checksums stay: what comes from an address is what the lock file wants, or nothing.
import { readFileSync } from 'node:fs'
import { pathToFileURL } from 'node:url'

/** A lock file's packages, each with its address; what lies within another package, or in a folder of ours, has none. */
export function withAddresses(lock, registry) {
  const base = registry.endsWith('/') ? registry : `${registry}/`
  const packages = Object.entries(lock.packages).map(([path, entry]) => {
    const at = path.lastIndexOf('node_modules/')
    if (at < 0 || entry.link || entry.inBundle || entry.resolved) return [path, entry]
    const name = entry.name ?? path.slice(at + 'node_modules/'.length)
    return [path, { ...entry, resolved: `${base}${name}/-/${name.split('/').at(-1)}-${entry.version}.tgz` }]
  })
  return { ...lock, packages: Object.fromEntries(packages) }
}

if (import.meta.url === pathToFileURL(process.argv[1]).href)
  process.stdout.write(JSON.stringify(withAddresses(JSON.parse(readFileSync('package-lock.json', 'utf8')), process.argv[2])))
