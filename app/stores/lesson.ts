import { useDebounceFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { variableWords } from '#core/class'
import type { Conclusion, PredictionAnswer } from '#core/conclusion'
import { weighEvidence } from '#core/evidence'
import { kitAmounts } from '#core/kit'
import { checkFair, type Plan } from '#core/plan'
import { groupProgress, slotStates } from '#core/record'
import type { FieldProblem } from '#shared/schemas'
import type { LessonDto, LessonEvent, PredictionDto, Stage } from '#shared/types/api'
import { request, RequestProblem } from '../api/request'
import { useNotices } from './notices'
import { useReadingQueue } from './readingQueue'

const saveAfter = 350
const undoSteps = 60

/** The lesson that is open on this screen: its plan, predictions, readings, conclusion, and what the core makes of them. */
export const useLesson = defineStore('lesson', () => {
  const notices = useNotices()
  const queue = useReadingQueue()
  const lesson = shallowRef<LessonDto | null>(null)
  const problem = ref<string | null>(null)
  const planProblems = ref<FieldProblem[]>([])
  const saving = ref<'saved' | 'waiting' | 'refused'>('saved')
  const past = shallowRef<Plan[]>([])
  let lastEdit = { key: '', at: 0 }
  let unsavedPlan = false
  let unsavedConclusion = false

  const open = computed(() => {
    if (!lesson.value) throw new Error('no lesson is open')
    return lesson.value
  })
  const plan = computed(() => open.value.plan)
  const groups = computed(() => open.value.class.groups)
  const words = computed(() => variableWords(open.value.class.vocabulary))
  const readings = computed(() => queue.withWaiting(open.value.id, open.value.readings))
  const slots = computed(() => slotStates(readings.value))
  const evidence = computed(() => weighEvidence(plan.value, readings.value))
  const fair = computed(() => checkFair(plan.value, { age: open.value.class.ageBand, words: words.value }))
  const kit = computed(() =>
    kitAmounts(plan.value, { groups: groups.value.length, children: open.value.class.children }),
  )
  const progress = computed(() =>
    groups.value.map((group, place) => groupProgress(plan.value, group.id, place, readings.value)),
  )

  function patch(changes: Partial<LessonDto>) {
    if (lesson.value) lesson.value = { ...lesson.value, ...changes }
  }

  async function load(id: string) {
    if (lesson.value?.id !== id) {
      lesson.value = null
      past.value = []
      planProblems.value = []
      unsavedPlan = unsavedConclusion = false
    }
    problem.value = null
    try {
      lesson.value = await request<LessonDto>('GET', `/api/lessons/${id}`)
    } catch (error) {
      problem.value = error instanceof Error ? error.message : String(error)
    }
  }

  /** Takes in what another screen, or this one, has done. */
  function apply(event: LessonEvent) {
    const now = lesson.value
    if (!now || event.seq <= now.seq) return
    if (event.seq > now.seq + 1) return void load(now.id)
    patch({ seq: event.seq })
    switch (event.kind) {
      case 'readings': {
        const known = new Set(now.readings.map((reading) => reading.id))
        patch({ readings: [...now.readings, ...event.readings.filter((reading) => !known.has(reading.id))] })
        return
      }
      case 'prediction':
        return patch({
          predictions: [
            ...now.predictions.filter((one) => one.groupId !== event.prediction.groupId),
            event.prediction,
          ],
        })
      case 'plan':
        if (event.planVersion > now.planVersion && !unsavedPlan)
          patch({ plan: event.plan, planVersion: event.planVersion })
        return
      case 'conclusion':
        if (event.conclusionVersion > now.conclusionVersion && !unsavedConclusion)
          patch({ conclusion: event.conclusion, conclusionVersion: event.conclusionVersion })
        return
      case 'lesson':
        return patch({ date: event.date, stage: event.stage })
      case 'class':
        return patch({ class: event.class })
    }
  }

  /**
   * Changes the plan here and now, and saves it a moment later.
   * @param key edits of the same key in quick succession are undone together
   */
  function editPlan(changes: Partial<Plan> | ((plan: Plan) => Plan), key = '') {
    const before = plan.value
    const quick = key !== '' && key === lastEdit.key && Date.now() - lastEdit.at < 2000
    if (!quick) past.value = [...past.value.slice(-undoSteps), before]
    lastEdit = { key, at: Date.now() }
    putPlan(typeof changes === 'function' ? changes(before) : { ...before, ...changes })
  }

  function undoPlan() {
    const before = past.value.at(-1)
    if (!before) return
    past.value = past.value.slice(0, -1)
    lastEdit = { key: '', at: 0 }
    putPlan(before)
  }

  function putPlan(next: Plan) {
    patch({ plan: next })
    unsavedPlan = true
    saving.value = 'waiting'
    void savePlanSoon()
  }

  const savePlanSoon = useDebounceFn(savePlan, saveAfter)

  async function savePlan(): Promise<void> {
    const { id, plan: sent, planVersion } = open.value
    unsavedPlan = false
    try {
      const saved = await request<{ planVersion: number }>('PUT', `/api/lessons/${id}/plan`, {
        plan: sent,
        version: planVersion,
      })
      if (lesson.value?.id === id) patch({ planVersion: Math.max(open.value.planVersion, saved.planVersion) })
      planProblems.value = []
      if (!unsavedPlan) saving.value = 'saved'
    } catch (error) {
      planRefused(error)
    }
  }

  function planRefused(error: unknown) {
    unsavedPlan = true
    saving.value = 'refused'
    if (!(error instanceof RequestProblem)) return notices.warn(error)
    if (error.offline) {
      notices.warn(error)
      setTimeout(() => void savePlanSoon(), 3000)
      return
    }
    planProblems.value = error.problem.fields.map((field) => ({
      ...field,
      path: field.path.replace(/^plan\./, ''),
    }))
    notices.warn(error)
    if (error.problem.code === 'conflict' && error.problem.fields.length === 0) {
      unsavedPlan = false
      void load(open.value.id)
    }
  }

  function editConclusion(changes: Partial<Conclusion>) {
    patch({ conclusion: { ...open.value.conclusion, ...changes } })
    unsavedConclusion = true
    saving.value = 'waiting'
    void saveConclusionSoon()
  }

  const saveConclusionSoon = useDebounceFn(async () => {
    const { id, conclusion, conclusionVersion } = open.value
    unsavedConclusion = false
    try {
      const saved = await request<{ conclusionVersion: number }>('PUT', `/api/lessons/${id}/conclusion`, {
        conclusion,
        version: conclusionVersion,
      })
      if (lesson.value?.id === id)
        patch({ conclusionVersion: Math.max(open.value.conclusionVersion, saved.conclusionVersion) })
      if (!unsavedConclusion) saving.value = 'saved'
    } catch (error) {
      saving.value = 'refused'
      notices.warn(error)
      if (error instanceof RequestProblem && error.offline) {
        unsavedConclusion = true
        setTimeout(() => void saveConclusionSoon(), 3000)
      } else if (error instanceof RequestProblem && error.problem.code === 'conflict') void load(id)
    }
  }, saveAfter)

  async function predict(groupId: string, answer: PredictionAnswer, because: string) {
    const { id } = open.value
    const prediction = await request<PredictionDto>('PUT', `/api/lessons/${id}/predictions/${groupId}`, {
      answer,
      because,
    })
    patch({ predictions: [...open.value.predictions.filter((one) => one.groupId !== groupId), prediction] })
  }

  async function setStage(stage: Stage) {
    if (open.value.stage === stage) return
    patch({ stage })
    await notices.attempt(() => request('PATCH', `/api/lessons/${open.value.id}`, { stage }))
  }

  async function setDate(date: string) {
    const before = open.value.date
    patch({ date })
    await request('PATCH', `/api/lessons/${open.value.id}`, { date }).catch((error: unknown) => {
      patch({ date: before })
      notices.warn(error)
    })
  }

  return {
    lesson,
    problem,
    planProblems,
    saving,
    past,
    open,
    plan,
    groups,
    words,
    readings,
    slots,
    evidence,
    fair,
    kit,
    progress,
    load,
    apply,
    editPlan,
    undoPlan,
    editConclusion,
    predict,
    setStage,
    setDate,
  }
})
