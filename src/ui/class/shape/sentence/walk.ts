import type { KeyboardEvent } from 'react'

const slotsIn = (root: Element): HTMLElement[] => [...root.querySelectorAll<HTMLElement>('[data-slot]')]

/** Puts the typing into a slot of the sentence, all of it chosen, so that it is typed over. */
export function enter(root: Element | null, slot: string): void {
  const found = root && slotsIn(root).find((element) => element.dataset.slot === slot)
  if (!found) return
  found.focus()
  if (found instanceof HTMLInputElement) found.select()
}

/** Of the chosen piece's sentence. */
export const sentenceId = 'piece-in-a-sentence'

/** Puts the typing into the first slot of the chosen piece's sentence, once it is there. */
export const enterChosen = (): void =>
  void setTimeout(() => {
    const root = document.getElementById(sentenceId)
    const first = root && slotsIn(root)[0]
    if (root && first?.dataset.slot) enter(root, first.dataset.slot)
  })

/** Left and right go from slot to slot, where the caret has come to the end of one; Enter goes on to the next. */
export function walk(event: KeyboardEvent<HTMLElement>): void {
  const { target, key } = event
  const by = key === 'ArrowRight' || key === 'Enter' ? 1 : key === 'ArrowLeft' ? -1 : 0
  if (by === 0 || event.altKey || event.ctrlKey || event.metaKey || event.shiftKey || !(target instanceof HTMLElement)) return
  if (target instanceof HTMLInputElement && key !== 'Enter') {
    const all = target.selectionStart === 0 && target.selectionEnd === target.value.length
    const atEdge = by > 0 ? target.selectionEnd === target.value.length : target.selectionStart === 0
    if (!all && !(atEdge && target.selectionStart === target.selectionEnd)) return
  }
  const slots = slotsIn(event.currentTarget)
  const next = slots[slots.findIndex((slot) => slot === target) + by]
  if (!slots.includes(target) || (!next && key !== 'ArrowLeft' && key !== 'ArrowRight')) return
  event.preventDefault()
  if (next?.dataset.slot) enter(event.currentTarget, next.dataset.slot)
}
