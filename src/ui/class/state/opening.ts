import { api } from '../../kit/api'
import type { Draft, LoadedClass } from './class-saver'
import { draftStore } from './draft-store'

/**
 * What a page tells the next one of the same window, for a page can be asked for before its predecessor's last change came to the
 * server: up to which version that one stored the class, and under which id it kept what it may not have stored.
 */
const versionKey = (classId: string) => `stored:${classId}`
const leftKey = (classId: string) => `left:${classId}`

/** Where a browser keeps nothing, as in some private windows, the next page hears nothing. */
function say(key: string, value: string): void {
  try {
    sessionStorage.setItem(key, value)
  } catch {
    return
  }
}

function told(key: string): string | null {
  try {
    return sessionStorage.getItem(key)
  } catch {
    return null
  }
}

export const sayStored = (classId: string, version: number) => say(versionKey(classId), `${version}`)
export const sayLeft = (classId: string, pageId: string) => say(leftKey(classId), pageId)

/** What a browser that is busy with the page before does not find in this time is offered later, as what was left behind. */
const patienceMs = 2000

const inTime = <T>(found: Promise<T>) => Promise.race([found, new Promise<undefined>((resolve) => setTimeout(resolve, patienceMs))])

/** With what a page begins: the class as it is stored, and what the page before it was left with, if the server may not have it. */
export interface Opening {
  stored: LoadedClass
  resumed: Draft | null
}

/** `printed`: the class as it came with the page. */
export async function openingOf(printed: LoadedClass): Promise<Opening> {
  const { id } = printed
  const pageId = told(leftKey(id))
  // Told once.
  if (pageId) say(leftKey(id), '')
  const isOlder = printed.version < Number(told(versionKey(id)))
  const [stored, resumed] = await Promise.all([
    // Where it cannot be had, the next change is a conflict: nothing is written over.
    isOlder ? api<LoadedClass>('GET', `/api/classes/${id}`).catch(() => printed) : printed,
    pageId ? inTime(draftStore.find({ classId: id, pageId })).catch(() => undefined) : undefined,
  ])
  return { stored, resumed: resumed ?? null }
}
