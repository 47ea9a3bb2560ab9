import { defined } from '#core/defined'
import { acceptHMRUpdate, defineStore } from 'pinia'
import { computed, type ComputedRef } from 'vue'
import { checks as allChecks, type CheckId, type CheckResult, type KnownForChecks } from '#core/checks'
import type { Remedy } from '#core/plan'
import { useFairness } from './fairness'
import { useFits } from './fits'
import { useLesson } from './lesson'
import { useNotices } from './notices'
import { usePack } from './pack'
import { useRehearsal } from './rehearsal'

/** What each check says of the open lesson, and its remedies at a press. */
export const useChecks = defineStore('checks', () => {
  const lesson = useLesson()
  const notices = useNotices()
  const fairness = useFairness()
  const pack = usePack()

  /** A check looks only at what it needs: a rehearsal and a time line start their workers when somebody asks for them. */
  const known: KnownForChecks = {
    get plan() {
      return lesson.plan
    },
    get fair() {
      return fairness.fair
    },
    get rehearsal() {
      return useRehearsal().rehearsal
    },
    get neighbours() {
      return useRehearsal().neighbours
    },
    get fits() {
      return useFits().fits
    },
    get waysToFit() {
      return useFits().ways
    },
    get kit() {
      return {
        check: pack.kitted,
        looked: pack.data !== null,
        lines: pack.lines,
        availability: pack.availability,
        substitutes: pack.substitutes,
        cupboard: lesson.open.school.cupboard,
      }
    },
    get safe() {
      return pack.safe
    },
    get confirmed() {
      return lesson.confirmed
    },
  }
  const results = new Map<CheckId, ComputedRef<CheckResult>>(
    allChecks.map((check) => [check.id, computed(() => check.look(known))]),
  )
  const resultOf = (id: CheckId): CheckResult => defined(results.get(id)).value

  /** What keeps a stage from being ready; empty for nothing. */
  function waitsFor(stage: 'plan' | 'pack'): string {
    const gates = allChecks.filter((check) => check.gate === stage)
    return gates.map((check) => resultOf(check.id).waits).find((waits) => waits !== '') ?? ''
  }

  function mend({ label, apply, done }: Remedy) {
    lesson.editPlan(apply)
    notices.tell(done ?? `Done: ${label}.`, () => lesson.undoPlan())
  }

  return { resultOf, waitsFor, mend }
})

if (import.meta.hot) import.meta.hot.accept(acceptHMRUpdate(useChecks, import.meta.hot))
