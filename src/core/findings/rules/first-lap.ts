import { midSentence } from '../../base/mid-sentence'
import { settingsOf } from '../../class/compute'
import { exercisesToExplain } from '../../brief/explained'
import { briefChoices, briefSeconds, wayOf } from '../../brief/ways'
import { mainCircuits } from '../../plan/main-circuits'
import { turnsPerLap } from '../../plan/turns'
import { pieceName } from '../../summary/names'
import { formatSeconds } from '../../base/units'
import { commonPractice, type Finding } from './finding'
import { type Judged } from '../../class/fix'

/** Nothing is explained beforehand, so the first lap is explained as it goes, in gaps too short for it. */
export function firstLap({ document, library, newId }: Judged): Finding[] {
  const figures = settingsOf(library)
  const { plan } = document
  const circuit = mainCircuits(plan)[0]
  if (!circuit || wayOf(plan, figures) !== undefined || !circuit.stations.some((station) => station.uses.length > 0)) return []
  const usual = figures.briefSeconds.usual
  const gap = circuit.transition.seconds
  if (circuit.stay.kind === 'task' || gap >= usual || circuit.stations.length < 2) return []
  const count = exercisesToExplain(plan)
  const late = (usual - gap) * (turnsPerLap(circuit) - 1)
  return [
    {
      id: 'firstLap',
      severity: 'weigh',
      what: `Nothing is explained before ${midSentence(pieceName(circuit))}`,
      why: `Explained as it goes, the first lap's ${gap} s gaps run to about ${usual} s: ${formatSeconds(late)} over by its end.`,
      source: commonPractice,
      pieceId: circuit.id,
      fix: {
        label: `Brief all ${count} first: ${formatSeconds(Math.ceil(briefSeconds(count, figures).usual / 5) * 5)}`,
        apply: (now) => ({
          ...now,
          plan: briefChoices(now.plan, figures, newId).find((choice) => choice.way === 'allFirst')?.plan ?? now.plan,
        }),
      },
    },
  ]
}
