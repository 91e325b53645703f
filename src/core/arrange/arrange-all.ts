import { computeClass, groupPlaces, type ComputedClass, type HallLibrary } from '../class/compute'
import { judge } from '../findings/judge'
import { allWishes, arrangeClass, pointsOf } from '../grouping/arrange-class'
import { arrangedIn } from '../grouping/arranged'
import { pairCost, type PastPartners } from '../grouping/cost'
import { placementProblem, shortOf, startPlaces } from '../gear/shortage/start-places'
import type { ClassDocument } from '../class/class-document'
import { usableIn } from '../library/gear-kind'
import type { Room } from '../library/room'
import { bestOrder, orderCost, stepCosts, usualWeights, type OrderWeights } from '../order/order'
import { metresBetween, withStationOrder } from '../floor/order-placed'
import { rotatingCircuits } from '../plan/turns'
import { pieceName } from '../summary/names'

export interface ArrangeAllInput {
  document: ClassDocument
  library: HallLibrary
  room: Room | undefined
  past: PastPartners
  weights?: OrderWeights
}

/** How far it is: `done` of `of` steps, and what comes now. */
export interface ArrangeProgress {
  done: number
  of: number
  what: string
}

/** What one step has changed, in words, and whether it is better than before. */
export interface ArrangedStep {
  what: string
  text: string
  better: boolean
}

export interface ArrangedAll {
  document: ClassDocument
  steps: ArrangedStep[]
}

const toMend = (input: ArrangeAllInput, document: ClassDocument, computed: ComputedClass): number =>
  judge({ document, computed, library: input.library, room: input.room, newId: () => 'new' }).filter(
    (finding) => finding.severity === 'mend',
  ).length

/**
 * Everything that can be computed of a class at once: the groups for the wishes, the order of the stations, where each group
 * begins, and then who is where with what gear. Goes step by step, so that it can be shown and stopped; nothing is worse
 * afterwards than it was.
 */
export function* arrangeAll(input: ArrangeAllInput): Generator<ArrangeProgress, ArrangedAll> {
  const before = computeClass(input.document, input.library)
  const circuits = before.rotations.map((entry) => entry.circuit)
  const total = circuits.length + 3
  const steps: ArrangedStep[] = []
  let done = 0
  yield { done: done++, of: total, what: 'Groups' }
  let document = withGroups(input, before, steps)
  for (const circuit of circuits) {
    yield { done: done++, of: total, what: `Order of ${pieceName(circuit)}` }
    document = withOrder(input, document, circuit.id, steps)
  }
  yield { done: done++, of: total, what: 'Where groups begin' }
  document = withStarts(input, document, steps)
  yield { done: done++, of: total, what: 'Who is where, with what' }
  const after = computeClass(document, input.library)
  const [mendBefore, mendAfter] = [toMend(input, input.document, before), toMend(input, document, after)]
  steps.push({
    what: 'Problems',
    text: mendAfter === mendBefore ? `${mendAfter}, as before` : `${mendAfter} instead of ${mendBefore}`,
    better: mendAfter < mendBefore,
  })
  return { document, steps }
}

function withGroups({ document, library, past }: ArrangeAllInput, { people, groups }: ComputedClass, steps: ArrangedStep[]): ClassDocument {
  if (people.length === 0) return document
  const now = pointsOf(groups, pairCost(allWishes(document.wishes, people), past))
  const best = arrangeClass(document, people, groupPlaces(document.plan, people.length), past)
  const proven = best.cost === best.bound ? 'proven: none are better' : `none can be better than by ${best.cost - best.bound} points`
  const better = best.cost < now
  steps.push({
    what: 'Groups',
    text: better ? `${best.cost} points instead of ${now}; ${proven}` : 'as they are: nothing better was found',
    better,
  })
  const arranged = better ? best.arranged : arrangedIn(document, computeClass(document, library).groups)
  return { ...document, arranged }
}

function withOrder(
  { library, room, weights = usualWeights }: ArrangeAllInput,
  document: ClassDocument,
  circuitId: string,
  steps: ArrangedStep[],
): ClassDocument {
  const circuit = rotatingCircuits(document.plan).find((known) => known.id === circuitId)
  if (!circuit) return document
  const costs = stepCosts(circuit, library, weights, metresBetween(document, circuit, room))
  const now = orderCost(
    costs.map((_, index) => index),
    costs,
  )
  const best = bestOrder(costs)
  const sure = best.proven ? 'proven best of all orders' : `no order can have fewer than ${best.bound}`
  const better = best.cost < now
  steps.push({
    what: pieceName(circuit),
    text: better ? `${best.cost} points of order instead of ${now}; ${sure}` : `its order stays: ${sure}`,
    better,
  })
  return better ? withStationOrder(document, circuit, best.order) : document
}

/** Only where groups that stay together go round one loop of plain stations. */
function withStarts({ library }: ArrangeAllInput, document: ClassDocument, steps: ArrangedStep[]): ClassDocument {
  const { groups, rotations } = computeClass(document, library)
  const [only, ...more] = rotations
  const plain =
    only &&
    more.length === 0 &&
    only.choice.rule === 'loop' &&
    !only.circuit.waves &&
    only.circuit.stations.every((station) => station.span === 1) &&
    groups.length <= only.circuit.stations.length
  if (!plain || groups.length === 0) return document
  const problem = placementProblem(only.circuit, groups, library.exercises, usableIn(library.gear, document.roomId, document.bring))
  const now = shortOf(
    problem,
    groups.map((_, group) => group),
  )
  if (now === 0) return document
  const found = startPlaces(problem)
  const sure = found.short === found.bound ? 'no order has less' : `no order can have less than ${found.bound}`
  steps.push({
    what: 'Where groups begin',
    text:
      found.short < now
        ? `${found.short} pieces of gear missing over a lap instead of ${now}; ${sure}`
        : `as it is: ${now} pieces of gear missing over a lap; ${sure}`,
    better: found.short < now,
  })
  return found.short < now
    ? {
        ...document,
        arranged: arrangedIn(
          document,
          found.order.map((group) => groups[group]!),
        ),
      }
    : document
}
