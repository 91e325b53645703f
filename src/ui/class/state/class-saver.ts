import { v4 as uuid } from 'uuid'
import type { ClassDocument } from '@core/class/class-document'
import { ApiError } from '../../kit/api'

export interface LoadedClass {
  id: string
  version: number
  document: ClassDocument
  updatedAt: string
}

/**
 * What is sent: the document, the version that it was made from, an id by which a repeat is recognised, and the id of the save
 * before it, whose answer may not have come yet: it follows that one, whatever version that has made.
 */
export interface SaveRequest {
  version: number
  document: ClassDocument
  saveId: string
  follows?: string
}

export type SaveState =
  | { is: 'saved'; at: string }
  | { is: 'saving' }
  /** Not stored yet; it is tried again by itself. */
  | { is: 'waiting'; why: string }
  /** Refused for what it says; the next change tries again. */
  | { is: 'refused'; why: string }
  | { is: 'conflict'; theirs: LoadedClass }

/** Something edited that the server may not have: kept on this device until it has, as the request in which it goes there. */
export interface Draft extends SaveRequest {
  classId: string
  /** Of the page that edits it: two windows keep theirs apart. */
  pageId: string
  at: number
}

export interface DraftStore {
  keep: (draft: Draft) => Promise<void>
  drop: (draft: Pick<Draft, 'classId' | 'pageId'>) => Promise<void>
}

interface SaverParts {
  /** Stores a request; `leaving`: the page may be gone before the answer comes. */
  put: (request: SaveRequest, leaving: boolean) => Promise<LoadedClass>
  drafts: DraftStore
  tell: (state: SaveState) => void
  now?: () => number
}

const pauseMs = 400
const retryMs = 3000

/** An answer that says nothing of the document: it may or may not have been stored. */
const isLost = (error: ApiError) => error.status === 0 || error.status >= 500 || error.status === 429

/**
 * Keeps the stored class equal to the edited one: soon after each change, again after a lost connection or answer, and at once
 * when the page is left. Whatever the server does not have yet stands on the device. A class that was changed elsewhere is never
 * written over unasked.
 */
export class ClassSaver {
  /** Of the class as it is stored. */
  version: number
  private storedAt: string
  private stored: ClassDocument
  private edited: ClassDocument
  /** Under which what is edited goes to the server. */
  private saveId = uuid()
  private timer: ReturnType<typeof setTimeout> | undefined
  private sending: Promise<boolean> | undefined
  /** On its way: what was sent, and as what. A repeat goes under the same id. */
  private underWay: SaveRequest | undefined
  private halted = false
  private told: SaveState['is'] = 'saved'
  readonly pageId = uuid()
  private readonly now: () => number

  constructor(
    private readonly classId: string,
    initial: Omit<LoadedClass, 'id'>,
    private readonly parts: SaverParts,
  ) {
    this.version = initial.version
    this.storedAt = initial.updatedAt
    this.stored = this.edited = initial.document
    this.now = parts.now ?? (() => Date.now())
  }

  /** Whether the server has, as far as is known, what is edited. */
  get isStored(): boolean {
    return this.edited === this.stored
  }

  /** Takes the document as it is edited now. */
  edit(document: ClassDocument): void {
    if (document === this.edited) return
    this.edited = document
    this.saveId = uuid()
    this.keepDraft()
    if (this.halted) return
    clearTimeout(this.timer)
    // Nothing is said to be saved that is not, not even for a moment.
    this.tell({ is: 'saving' })
    this.timer = setTimeout(() => void this.save(), pauseMs)
  }

  /**
   * Takes up what the page before this one, in the same window, had edited when it was left: its request goes again, as it was,
   * for nobody knows whether it came to the server before this page did.
   */
  resume(draft: Draft): void {
    const { version, document, saveId, follows } = draft
    this.underWay = { version, document, saveId, ...(follows && { follows }) }
    this.edited = document
    this.saveId = saveId
    this.keepDraft()
    void this.parts.drafts.drop(draft).catch(() => {})
    void this.save()
  }

  /** Stores what is edited; tells whether all of it is stored. */
  async save(): Promise<boolean> {
    clearTimeout(this.timer)
    // Taken back before it was sent.
    if (this.isStored && !this.halted) this.tell({ is: 'saved', at: this.storedAt })
    // One write at a time; what changed meanwhile goes with the next.
    while (!this.isStored) {
      if (this.halted) return false
      this.sending ??= this.send().finally(() => (this.sending = undefined))
      if (!(await this.sending)) return false
    }
    return true
  }

  private async send(): Promise<boolean> {
    // What may have been stored already is sent again as it was; what changed since follows.
    this.underWay ??= { version: this.version, document: this.edited, saveId: this.saveId }
    const request = this.underWay
    this.tell({ is: 'saving' })
    try {
      this.taken(request, await this.parts.put(request, false))
      return true
    } catch (error) {
      if (!(error instanceof ApiError)) throw error
      this.failed(error)
      return false
    }
  }

  private taken(request: SaveRequest, answer: LoadedClass): void {
    this.underWay = undefined
    this.version = answer.version
    this.storedAt = answer.updatedAt
    this.stored = request.document
    if (this.isStored) void this.parts.drafts.drop({ classId: this.classId, pageId: this.pageId }).catch(() => {})
    this.tell(this.isStored ? { is: 'saved', at: answer.updatedAt } : { is: 'saving' })
  }

  private failed(error: ApiError): void {
    if (isLost(error)) {
      this.tell({ is: 'waiting', why: error.message })
      this.keepDraft()
      this.timer = setTimeout(() => void this.save(), retryMs)
      return
    }
    this.underWay = undefined
    if (error.status !== 409) return this.tell({ is: 'refused', why: error.message })
    this.halted = true
    this.tell({ is: 'conflict', theirs: error.body.current as LoadedClass })
  }

  /** When the page is left: the last change is sent, also while another is on its way. */
  leave(): void {
    if (this.isStored || this.halted) return
    this.keepDraft()
    if (this.underWay?.document === this.edited) return
    const request = this.request()
    void this.parts.put(request, true).then(
      // The page may come back.
      (answer) => this.taken(request, answer),
      () => {},
    )
  }

  /** Ends a conflict: theirs is the stored one now, and ours is stored over it, or not. */
  settle(theirs: LoadedClass): void {
    this.halted = false
    this.version = theirs.version
    this.storedAt = theirs.updatedAt
    this.stored = theirs.document
    this.tell({ is: 'saved', at: theirs.updatedAt })
  }

  private tell(state: SaveState): void {
    if (state.is === 'saving' && this.told === 'saving') return
    this.told = state.is
    this.parts.tell(state)
  }

  /** What is edited, as it goes to the server; after what is on its way there, if that is not the same. */
  private request(): SaveRequest {
    const { underWay, version, edited: document, saveId } = this
    if (underWay?.saveId === saveId) return underWay
    return { version, document, saveId, ...(underWay && { follows: underWay.saveId }) }
  }

  private keepDraft(): void {
    void this.parts.drafts.keep({ ...this.request(), classId: this.classId, pageId: this.pageId, at: this.now() }).catch(() => {})
  }
}
