import { computed } from 'vue'
import { stageStates, type StageState } from '#core/lesson'
import { capital } from '#core/quantity'
import { useChecks } from '../stores/checks'
import { useLesson } from '../stores/lesson'
import { useResults } from '../stores/results'

/** A stage of the open lesson, with what it is called and the key that opens it. */
export interface NamedStage extends StageState {
  name: string
  key: string
}

/** The six stages of the open lesson, which of them are ready, and what the others wait for. */
export function useStages() {
  const store = useLesson()
  const checks = useChecks()
  const results = useResults()
  return computed<NamedStage[]>(() =>
    stageStates({
      plan: store.plan,
      waits: { plan: checks.waitsFor('plan'), pack: checks.waitsFor('pack') },
      progress: store.progress,
      results: results.evidence.results.length,
      answered: results.answer !== null,
    }).map((state, index) => ({ ...state, name: capital(state.stage), key: String(index + 1) })),
  )
}
