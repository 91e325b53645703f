type Draw = (seconds: number) => void

const drawing = new Set<Draw>()
let asked = 0

/** Every other frame is enough to see a body move, and leaves the rest of the time to the clock. */
function frame(now: number): void {
  asked = requestAnimationFrame(frame)
  odd = !odd
  if (odd) for (const draw of drawing) draw(now / 1000)
}
let odd = false

/** Calls `draw` while the page is drawn anew, with the same seconds for all that move; ends when what it returns is called. */
export function onEachFrame(draw: Draw): () => void {
  drawing.add(draw)
  if (drawing.size === 1) asked = requestAnimationFrame(frame)
  return () => {
    drawing.delete(draw)
    if (drawing.size === 0) cancelAnimationFrame(asked)
  }
}
