import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { classDocument } from '../../../../tests/fixtures/demo-run'
import { ApiError } from '../../kit/api'
import { ClassSaver, type Draft, type SaveRequest, type SaveState, type LoadedClass } from './class-saver'

const first = classDocument('demo-short')
const named = (name: string) => ({ ...first, name })
const away = () => new ApiError(0, [{ code: 'away', message: 'away', field: '' }])

/** A server that stores one class as the real one does, and a line to it that is slow, loses requests, or loses answers. */
function hall() {
  const server = { version: 1, document: first, saveId: undefined as string | undefined }
  const taken: string[] = []
  const stored = (): LoadedClass => ({ id: 'c', version: server.version, document: server.document, updatedAt: 'now' })
  const take = (request: SaveRequest): LoadedClass => {
    if (request.saveId === server.saveId) return stored()
    const follows = request.follows !== undefined && request.follows === server.saveId
    if (request.version !== server.version && !follows) throw new ApiError(409, [], { current: stored() })
    Object.assign(server, { version: server.version + 1, document: request.document, saveId: request.saveId })
    taken.push(request.document.name)
    return stored()
  }
  return { server, taken, stored, take }
}

type Line = 'whole' | 'request lost' | 'answer lost' | 'slow'

function page({ take, stored }: ReturnType<typeof hall>) {
  const line = { is: 'whole' as Line }
  const told: SaveState['is'][] = []
  const drafts = new Map<string, Draft>()
  const conflict: { theirs?: LoadedClass } = {}
  const put = async (request: SaveRequest) => {
    const { is } = line
    if (is === 'request lost') throw away()
    if (is === 'slow') await new Promise((resolve) => setTimeout(resolve, 2000))
    const answer = take(structuredClone(request))
    if (is === 'answer lost') throw away()
    return answer
  }
  const saver = new ClassSaver('c', stored(), {
    put,
    drafts: { keep: async (draft) => void drafts.set(draft.pageId, draft), drop: async ({ pageId }) => void drafts.delete(pageId) },
    tell: (state) => {
      told.push(state.is)
      if (state.is === 'conflict') conflict.theirs = state.theirs
    },
  })
  return {
    line,
    told,
    drafts,
    saver,
    conflict,
    edit: (name: string) => saver.edit(named(name)),
    kept: () => [...drafts.values()].map(({ document }) => document.name),
  }
}

const pass = (ms: number) => vi.advanceTimersByTimeAsync(ms)

beforeEach(() => void vi.useFakeTimers())
afterEach(() => void vi.useRealTimers())

describe('what is edited', () => {
  it('is stored soon after the last change, once, and no longer kept on the device', async () => {
    const there = hall()
    const { edit, told, saver, kept } = page(there)
    edit('A')
    edit('B')
    expect(kept()).toEqual(['B'])
    await pass(500)
    expect([there.taken, saver.isStored, kept(), told.at(-1)]).toEqual([['B'], true, [], 'saved'])
  })

  it('is not said to be saved from the first letter on, until it is, or was taken back', async () => {
    const there = hall()
    const { edit, told, saver } = page(there)
    edit('A')
    expect(told).toEqual(['saving'])
    saver.edit(first)
    await pass(500)
    expect([told, there.taken]).toEqual([['saving', 'saved'], []])
  })

  it('goes on being tried when the request is lost, and says so', async () => {
    const there = hall()
    const { edit, line, told, kept } = page(there)
    line.is = 'request lost'
    edit('A')
    await pass(20_000)
    expect([told.at(-1), kept(), there.taken]).toEqual(['waiting', ['A'], []])
    line.is = 'whole'
    await pass(3100)
    expect([told.at(-1), kept(), there.taken]).toEqual(['saved', [], ['A']])
  })

  it('is stored once when the answer is lost, and told as nobody else’s change', async () => {
    const there = hall()
    const { edit, line, told } = page(there)
    line.is = 'answer lost'
    edit('A')
    await pass(500)
    expect(told.at(-1)).toBe('waiting')
    edit('B')
    line.is = 'whole'
    await pass(10_000)
    expect([there.taken, told.includes('conflict'), told.at(-1), there.server.document.name]).toEqual([['A', 'B'], false, 'saved', 'B'])
  })

  it('while another is being stored, goes with the next', async () => {
    const there = hall()
    const { edit, line, saver } = page(there)
    line.is = 'slow'
    edit('A')
    await pass(500)
    edit('B')
    expect(saver.isStored).toBe(false)
    await pass(10_000)
    expect([there.taken, saver.isStored]).toEqual([['A', 'B'], true])
  })

  it('is stored when the page is left at any moment, also while another change is on its way', async () => {
    for (const [before, is] of [
      [0, 'whole'],
      [500, 'slow'],
      [500, 'answer lost'],
      [3000, 'answer lost'],
    ] as const) {
      const there = hall()
      const { edit, line, saver } = page(there)
      line.is = is
      edit('A')
      await pass(before)
      edit('B')
      line.is = is === 'slow' ? 'slow' : 'whole'
      saver.leave()
      await pass(10_000)
      expect(there.server.document.name, `${is} ${before}`).toBe('B')
    }
  })

  it('stays on the device when it is left without a line', async () => {
    const there = hall()
    const { edit, line, saver, kept } = page(there)
    line.is = 'request lost'
    edit('A')
    saver.leave()
    await pass(0)
    expect([kept(), there.taken]).toEqual([['A'], []])
  })

  it('goes on in the next page of the same window, whether or not it came to the server before that page did', async () => {
    for (const first of ['whole', 'slow', 'request lost'] as const) {
      const there = hall()
      const left = page(there)
      left.edit('A')
      const [draft] = left.drafts.values()
      const next = page(there)
      left.line.is = first
      left.saver.leave()
      next.saver.resume(draft!)
      await pass(10_000)
      expect([there.taken, next.told.at(-1), next.told.includes('conflict'), next.kept()], first).toEqual([['A'], 'saved', false, []])
      next.edit('B')
      await pass(500)
      expect([there.server.document.name, next.told.at(-1)]).toEqual(['B', 'saved'])
    }
  })

  it('goes on in the next page also after what was on its way before it', async () => {
    const there = hall()
    const left = page(there)
    left.line.is = 'slow'
    left.edit('A')
    await pass(500)
    left.edit('B')
    const [draft] = left.drafts.values()
    const next = page(there)
    await pass(2000)
    next.saver.resume(draft!)
    await pass(10_000)
    expect([there.server.document.name, next.told.includes('conflict'), next.told.at(-1)]).toEqual(['B', false, 'saved'])
  })

  it('that another window changed meanwhile is a conflict in the next page', async () => {
    const there = hall()
    const [left, other] = [page(there), page(there)]
    left.edit('A')
    other.edit('Z')
    other.saver.leave()
    await pass(0)
    const next = page(there)
    next.saver.resume([...left.drafts.values()][0]!)
    await pass(1000)
    expect([there.server.document.name, next.told.at(-1), next.kept()]).toEqual(['Z', 'conflict', ['A']])
  })

  it('in two windows is a conflict for the second, that is never written over unasked', async () => {
    const there = hall()
    const [one, two] = [page(there), page(there)]
    one.edit('A')
    await pass(500)
    two.edit('B')
    await pass(20_000)
    expect([there.server.document.name, two.told.at(-1), two.kept()]).toEqual(['A', 'conflict', ['B']])
    two.edit('C')
    two.saver.leave()
    await pass(20_000)
    expect(there.server.document.name).toBe('A')
    two.saver.settle(two.conflict.theirs!)
    await two.saver.save()
    expect([there.server.document.name, two.told.at(-1)]).toEqual(['C', 'saved'])
  })

  it('that is refused waits for the next change', async () => {
    const there = hall()
    const told: string[] = []
    let refuse = true
    const saver = new ClassSaver('c', there.stored(), {
      put: async (request) => {
        if (refuse) throw new ApiError(422, [{ code: 'x', message: 'too long', field: '' }])
        return there.take(request)
      },
      drafts: { keep: async () => {}, drop: async () => {} },
      tell: (state) => told.push(state.is === 'refused' ? state.why : state.is),
    })
    saver.edit(named('A'))
    await pass(20_000)
    expect(told).toEqual(['saving', 'too long'])
    refuse = false
    saver.edit(named('B'))
    await pass(500)
    expect([told.at(-1), there.taken]).toEqual(['saved', ['B']])
  })
})
