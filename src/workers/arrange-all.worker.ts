import { expose } from 'comlink'
import { arrangeAll, type ArrangeAllInput, type ArrangedAll, type ArrangeProgress } from '@core/arrange/arrange-all'

/** Works through all steps and tells each before it begins. To cancel, the worker is ended. */
const worker = {
  run(input: ArrangeAllInput, tell: (progress: ArrangeProgress) => void): ArrangedAll {
    const steps = arrangeAll(input)
    for (let step = steps.next(); ; step = steps.next()) {
      if (step.done) return step.value
      tell(step.value)
    }
  },
}
export type ArrangeAllWorker = typeof worker

expose(worker)
