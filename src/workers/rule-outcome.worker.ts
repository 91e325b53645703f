import type { ClassDocument } from '../core/class/class-document'
import { ruleOutcomes } from '../core/class/rule-outcomes'
import type { Doer } from '../core/options/form-for'
import type { Circuit } from '../core/plan/plan'

/** A circuit of a class, and its groups. */
export interface OutcomeRequest {
  document: ClassDocument
  groups: Doer[][]
  circuit: Circuit
}

/** Beside the page: what mixed groups would give. They are searched for, and that takes a while. */
addEventListener('message', ({ data: { document, groups, circuit } }: MessageEvent<OutcomeRequest>) => {
  postMessage(ruleOutcomes(document, { groups }, circuit, ['mixedGroups'])[0])
})
