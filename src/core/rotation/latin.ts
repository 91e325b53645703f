/**
 * Pairs of orthogonal Latin squares: `one[t][s]` and `other[t][s]` each hold every number once in every row and column, and every
 * ordered pair of numbers stands in exactly one cell. They exist for every order but 2 and 6 (Euler's 36 officers; Tarry 1900;
 * Bose, Shrikhande & Parker, Can. J. Math. 12, 1960).
 */
export interface SquarePair {
  one: number[][]
  other: number[][]
}

const square = (order: number, cell: (row: number, column: number) => number): number[][] =>
  Array.from({ length: order }, (_, row) => Array.from({ length: order }, (_, column) => cell(row, column)))

/** Odd orders: `s + t` and `s − t`; any two cells with both alike would need `2t` alike. */
const linear = (order: number): SquarePair => ({
  one: square(order, (t, s) => (s + t) % order),
  other: square(order, (t, s) => (s - t + order) % order),
})

/** Polynomials over two elements that cannot be factored, by degree, as bit masks. */
const irreducible: Record<number, number> = { 2: 0b111, 3: 0b1011, 4: 0b10011 }

function timesInField(a: number, b: number, degree: number): number {
  let product = 0
  for (let bit = 0; bit < degree; bit++) if (b & (1 << bit)) product ^= a << bit
  for (let bit = 2 * degree - 2; bit >= degree; bit--) if (product & (1 << bit)) product ^= irreducible[degree]! << (bit - degree)
  return product
}

/** Orders 4, 8 and 16: `s + t` and `s + x·t` over the finite field. */
function overField(degree: number): SquarePair {
  const order = 1 << degree
  return { one: square(order, (t, s) => s ^ t), other: square(order, (t, s) => s ^ timesInField(2, t, degree)) }
}

/** The product of two pairs: cells side by side as digits (MacNeish). */
function product(a: SquarePair, b: SquarePair): SquarePair {
  const inner = b.one.length
  const order = a.one.length * inner
  const product = (outerSquare: number[][], innerSquare: number[][]) =>
    square(order, (t, s) => outerSquare[Math.floor(t / inner)]![Math.floor(s / inner)]! * inner + innerSquare[t % inner]![s % inner]!)
  return { one: product(a.one, b.one), other: product(a.other, b.other) }
}

/**
 * Orders 10, 14 and 18, twice an odd number: developed over the cyclic group of order − 3 with three fixed points. Twelve columns
 * with a hole, a column of zeros and, above 10, further whole columns, all turned through the four rows, give every difference
 * between two rows exactly once. What is searched for are the steps: `p`, `q` of three columns with a hole, `w` of the whole ones.
 */
function developed(order: number): SquarePair {
  const n = order - 3
  const columns = quasiDifferences(n)
  const rows: number[][] = []
  const holes = [0, 0, 0, 0]
  const points = columns.map((column) => column.map((value, row) => (value === undefined ? n + holes[row]!++ : value)))
  for (const column of points)
    for (let shift = 0; shift < n; shift++) rows.push(column.map((value) => (value >= n ? value : (value + shift) % n)))
  const small = linear(3)
  for (let t = 0; t < 3; t++) for (let s = 0; s < 3; s++) rows.push([n + t, n + s, n + small.one[t]![s]!, n + small.other[t]![s]!])
  const one = square(order, () => -1)
  const other = square(order, () => -1)
  for (const [t, s, a, b] of rows) {
    one[t!]![s!] = a!
    other[t!]![s!] = b!
  }
  return { one, other }
}

type Column = (number | undefined)[]

const turned = (column: Column): Column[] => [0, 1, 2, 3].map((by) => column.map((_, row) => column[(row - by + 4) % 4]))

/** By backtracking over the steps; found at once for the orders asked for. */
function quasiDifferences(n: number): Column[] {
  const used = new Set<number>()
  const classes = new Set<number>()
  const classOf = (difference: number) => Math.min(difference, n - difference)
  const wholes = (n - 7) / 4
  const chosen: number[][] = []
  const mod = (value: number) => ((value % n) + n) % n
  const take = (steps: number[], sums: number[], next: () => boolean): boolean => {
    const kinds = sums.map((sum) => classOf(mod(sum)))
    if (new Set(steps).size < steps.length || steps.some((step) => step === 0 || used.has(step))) return false
    if (new Set(kinds).size < kinds.length || kinds.some((kind) => kind === 0 || classes.has(kind))) return false
    for (const step of steps) used.add(step)
    for (const kind of kinds) classes.add(kind)
    chosen.push(steps)
    if (next()) return true
    chosen.pop()
    for (const step of steps) used.delete(step)
    for (const kind of kinds) classes.delete(kind)
    return false
  }
  const holed = (left: number): boolean => {
    if (left === 0) return whole(wholes)
    for (let p = 1; p < n; p++) for (let q = 1; q < n; q++) if (take([p, q], [p + q], () => holed(left - 1))) return true
    return false
  }
  const whole = (left: number): boolean => {
    if (left === 0) return true
    for (let a = 1; a < n; a++)
      for (let b = 1; b < n; b++)
        for (let c = 1; c < n; c++) if (take([a, b, c, mod(-a - b - c)], [a + b, b + c], () => whole(left - 1))) return true
    return false
  }
  holed(3)
  return [[0, 0, 0, 0], ...chosen.flatMap((steps) => columnsOf(steps, mod))]
}

/** The four columns that two steps, with a hole, or four steps make. */
function columnsOf(steps: readonly number[], mod: (value: number) => number): Column[] {
  const [a, b] = steps as [number, number]
  return turned(steps.length === 2 ? [undefined, 0, mod(-a), mod(-a - b)] : [0, mod(-a), mod(-a - b), mod(-a - b - steps[2]!)])
}

/** A pair of squares of order 6 with 34 of the 36 pairs: the most there is (Colbourn & Zhu 1995; from memory). Found by annealing. */
const nearlySix: SquarePair = {
  one: ['134520', '052341', '213054', '540213', '405132', '321405'].map((row) => [...row].map(Number)),
  other: ['435210', '254103', '502431', '143025', '310542', '021354'].map((row) => [...row].map(Number)),
}

/** The largest order that is made. */
export const mostOrder = 20

const made = new Map<number, SquarePair>()

/** The pair of an order from 1 to 20, orthogonal wherever that is possible; for 6 with 34 of 36 pairs, for 2 with 2 of 4. */
export function squarePair(order: number): SquarePair {
  let pair = made.get(order)
  if (!pair) made.set(order, (pair = make(order)))
  return pair
}

function make(order: number): SquarePair {
  if (order % 2 === 1) return linear(order)
  if (order === 2) return { one: square(2, (t, s) => (s + t) % 2), other: square(2, (t, s) => (s + t) % 2) }
  if (order === 6) return nearlySix
  if (order % 4 === 2) return developed(order)
  let degree = 0
  let odd = order
  for (; odd % 2 === 0; odd /= 2) degree++
  return odd === 1 ? overField(degree) : product(linear(odd), overField(degree))
}
