/**
 * A document, whatever format it has, that no longer says what people go easy on: which parts of them, in which words, and what a coach
 * watches for. What was done instead stays.
 *
 * `{people: [{name: 'A', goEasy: ['knee'], goEasyNote: 'left'}]}` → `{people: [{name: 'A', goEasy: [], goEasyNote: ''}]}`
 */
export function withLimitsForgotten<Document>(document: Document): Document {
  return forgotten(document) as Document
}

const instead: Record<string, unknown> = { goEasy: [], goEasyNote: '' }

function forgotten(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(forgotten)
  if (typeof value !== 'object' || value === null) return value
  const kept = Object.entries(value).filter(([key]) => key !== 'watch')
  return Object.fromEntries(kept.map(([key, inner]) => [key, key in instead ? instead[key] : forgotten(inner)]))
}
