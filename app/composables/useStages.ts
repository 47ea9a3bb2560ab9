import { computed } from 'vue'
import type { Stage } from '#shared/types/api'
import { later } from '../loading/later'
import { useFairness } from '../stores/fairness'
import { useLesson } from '../stores/lesson'
import { useResults } from '../stores/results'

const packStore = later(() => import('../stores/pack'))

export interface StageState {
  stage: Stage
  name: string
  key: string
  ready: boolean
  /** What is there, or what it waits for, in a few words. */
  note: string
}

function packNote(kit: string | null, confirmed: boolean): string {
  if (kit === null) return '…'
  if (kit === 'mend') return 'kit to mend'
  return confirmed ? 'ready' : 'cautions to check'
}

/** The six stages of the open lesson, which of them are ready, and what the others wait for. */
export function useStages() {
  const store = useLesson()
  const fairness = useFairness()
  const results = useResults()
  return computed<StageState[]>(() => {
    const { plan, progress, open } = store
    /** Null until it is known. */
    const kitState = packStore.there.value?.usePack().kitted.state ?? null
    const done = progress.reduce((sum, one) => sum + one.done, 0)
    const needed = progress.reduce((sum, one) => sum + one.needed, 0)
    const asked = plan.question.trim() !== ''
    const mends = fairness.fair.findings.filter((finding) => finding.severity === 'mend').length
    const told = results.evidence.results.length >= 2
    const stage = (of: Stage, name: string, key: string, ready: boolean, note: string) => ({
      stage: of,
      name,
      key,
      ready,
      note,
    })
    return [
      stage('wonder', 'Wonder', '1', asked, asked ? 'asked' : 'needs a question'),
      stage('plan', 'Plan', '2', mends === 0, mends === 0 ? 'can be tested' : `${mends} to mend`),
      stage(
        'pack',
        'Pack',
        '3',
        kitState !== null && kitState !== 'mend' && store.confirmed,
        packNote(kitState, store.confirmed),
      ),
      stage(
        'test',
        'Test',
        '4',
        needed > 0 && done === needed,
        needed > 0 ? `${done} of ${needed}` : 'needs levels',
      ),
      stage('compare', 'Compare', '5', told, told ? 'has results' : 'needs readings'),
      stage(
        'conclude',
        'Conclude',
        '6',
        open.conclusion.claim !== null,
        open.conclusion.claim ? 'answered' : 'no answer yet',
      ),
    ]
  })
}
