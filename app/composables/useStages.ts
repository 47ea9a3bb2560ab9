import { computed } from 'vue'
import type { Stage } from '#shared/types/api'
import { useLesson } from '../stores/lesson'
import { usePack } from '../stores/pack'

export interface StageState {
  stage: Stage
  name: string
  key: string
  ready: boolean
  /** What is there, or what it waits for, in a few words. */
  note: string
}

/** The six stages of the open lesson, which of them are ready, and what the others wait for. */
export function useStages() {
  const store = useLesson()
  const pack = usePack()
  return computed<StageState[]>(() => {
    const { plan, fair, progress, open, evidence } = store
    const kitState = pack.kitted.state
    const done = progress.reduce((sum, one) => sum + one.done, 0)
    const needed = progress.reduce((sum, one) => sum + one.needed, 0)
    const asked = plan.question.trim() !== ''
    const mends = fair.findings.filter((finding) => finding.severity === 'mend').length
    const told = evidence.results.length >= 2
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
        kitState !== 'mend' && store.confirmed,
        kitState === 'mend' ? 'kit to mend' : store.confirmed ? 'ready' : 'cautions to check',
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
