import { useDebounceFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { schoolDays } from '#core/calendar'
import { variableWords } from '#core/class'
import { predictorSeats, type Conclusion, type PredictionAnswer, type PredictorSeat } from '#core/conclusion'
import { groupProgress, scoredPlan, wayOf } from '#core/recording'
import { withObservation } from '#core/observation'
import type { Plan } from '#core/plan'
import { slotStates } from '#core/record'
import { withNote } from '#core/wonder'
import type { FieldProblem } from '#shared/schemas'
import type { LessonDto, LessonEvent, Stage } from '#shared/types/api'
import { problemWords, request, RequestProblem } from '../api/request'
import { today } from '../words/today'
import { useNotices } from './notices'
import type { Act } from './keptActs'
import { useOutbox } from './outbox'
import { useEntryQueue } from './entryQueue'

type ActOnLesson = Act extends infer One ? (One extends unknown ? Omit<One, 'lessonId'> : never) : never

const saveAfter = 350
const samePredictor = (a: PredictorSeat, b: PredictorSeat) => a.groupId === b.groupId && a.seat === b.seat
const undoSteps = 60

/** The lesson that is open on this screen: its plan, predictions, entries, conclusion, and what the core makes of them. */
export const useLesson = defineStore('lesson', () => {
  const notices = useNotices()
  const queue = useEntryQueue()
  const outbox = useOutbox()
  const lesson = shallowRef<LessonDto | null>(null)
  const problem = ref<string | null>(null)
  const planProblems = ref<FieldProblem[]>([])
  const saving = ref<'saved' | 'waiting' | 'refused'>('saved')
  const past = shallowRef<Plan[]>([])
  let lastEdit = { key: '', at: 0 }
  /** The id that was asked for last; an answer for another one comes too late. */
  let wanted = ''
  // What the server is known to have; what is shown is unsaved for as long as it is another object.
  let savedPlan: Plan | null = null
  let savedConclusion: Conclusion | null = null
  let conclusionChanges: Partial<Conclusion> = {}
  /** Takes in what is packed, once somebody wants to know. */
  let packing: (event: LessonEvent) => void = () => {}
  let planSaved: Promise<void> = Promise.resolve()
  let conclusionSaved: Promise<void> = Promise.resolve()

  const open = computed(() => {
    if (!lesson.value) throw new Error('no lesson is open')
    return lesson.value
  })
  const plan = computed(() => open.value.plan)
  /** The plan as its results are measured, for everything that prints them. */
  const scored = computed(() => scoredPlan(plan.value, entries.value))
  const groups = computed(() => open.value.class.groups)
  const words = computed(() => variableWords(open.value.class.vocabulary))
  const entries = computed(() => queue.withWaiting(open.value.id, open.value.entries))
  const slots = computed(() => slotStates(entries.value))
  /** Everybody whose prediction is asked for, with what they have predicted. */
  const predictors = computed(() =>
    predictorSeats(
      plan.value,
      groups.value.map((group) => group.id),
      open.value.class.children,
    ).map((seat) => ({
      ...seat,
      group: groups.value.find((group) => group.id === seat.groupId)!,
      made: open.value.predictions.find((one) => samePredictor(one, seat)) ?? null,
    })),
  )
  /** Whether counted entries are taken: somebody has checked the school's own risk assessment for this plan. */
  const confirmed = computed(() => open.value.safety?.stands === true)
  /** The school days on which it is read, where that takes more than one. */
  const days = computed(() =>
    schoolDays(
      open.value.school.calendar,
      open.value.date,
      wayOf(plan.value).needs(plan.value.recording).days,
    ),
  )
  const due = computed(() => wayOf(plan.value).dueOn(plan.value, days.value, today()))
  const progress = computed(() =>
    groups.value.map((group, place) => groupProgress(plan.value, group.id, place, entries.value, due.value)),
  )

  const planUnsaved = () => lesson.value !== null && lesson.value.plan !== savedPlan
  const conclusionUnsaved = () => lesson.value !== null && lesson.value.conclusion !== savedConclusion

  function patch(changes: Partial<LessonDto>) {
    if (lesson.value) lesson.value = { ...lesson.value, ...changes }
  }

  async function load(id: string) {
    wanted = id
    if (lesson.value && lesson.value.id !== id) {
      await Promise.all([savePlan(), saveConclusion()])
      if (wanted !== id) return
      close()
    }
    problem.value = null
    try {
      const fetched = await request('GET', '/api/lessons/:id', { params: { id } })
      if (wanted === id) take(fetched)
    } catch (error) {
      if (wanted === id) problem.value = problemWords(error)
    }
  }

  function close() {
    lesson.value = null
    savedPlan = savedConclusion = null
    past.value = []
    planProblems.value = []
    conclusionChanges = {}
    saving.value = 'saved'
  }

  /** Shows a lesson as the server has it; what was typed here and is not saved yet stays, on the version it was typed on. */
  function take(fetched: LessonDto) {
    const now = lesson.value
    const keepPlan = now !== null && planUnsaved()
    const keepConclusion = now !== null && conclusionUnsaved()
    if (!keepPlan) savedPlan = fetched.plan
    if (!keepConclusion) savedConclusion = fetched.conclusion
    lesson.value = outbox.withWaiting({
      ...fetched,
      ...(keepPlan ? { plan: now.plan, planVersion: now.planVersion } : {}),
      ...(keepConclusion ? { conclusion: now.conclusion, conclusionVersion: now.conclusionVersion } : {}),
    })
  }

  /** Takes in what another screen, or this one, has done. */
  function apply(event: LessonEvent) {
    const now = lesson.value
    if (!now || event.seq <= now.seq) return
    if (event.seq > now.seq + 1) return void load(now.id)
    patch({ seq: event.seq })
    switch (event.kind) {
      case 'entries': {
        const known = new Set(now.entries.map((entry) => entry.id))
        patch({ entries: [...now.entries, ...event.entries.filter((entry) => !known.has(entry.id))] })
        return
      }
      case 'observation':
        return patch({ observations: withObservation(now.observations, event.observation) })
      case 'prediction':
        return patch({
          predictions: [
            ...now.predictions.filter((one) => !samePredictor(one, event.prediction)),
            event.prediction,
          ],
        })
      case 'plan':
        if (event.planVersion <= now.planVersion || planUnsaved()) return
        savedPlan = event.plan
        return patch({ plan: event.plan, planVersion: event.planVersion })
      case 'conclusion':
        if (event.conclusionVersion <= now.conclusionVersion || conclusionUnsaved()) return
        savedConclusion = event.conclusion
        return patch({ conclusion: event.conclusion, conclusionVersion: event.conclusionVersion })
      case 'lesson':
        return patch({ date: event.date, stage: event.stage })
      case 'stimulus':
        return patch({ stimulus: event.stimulus })
      case 'note':
        return patch({ notes: withNote(now.notes, event.note) })
      case 'note-removed':
        return patch({ notes: now.notes.filter((note) => note.id !== event.id) })
      case 'parts':
        return void load(now.id)
      case 'class':
        return patch({ class: event.class })
      case 'safety':
        patch({ safety: event.safety })
        return void queue.flush()
      case 'removed':
        return patch({ removed: event.removed })
      case 'ticks':
      case 'counts':
        return packing(event)
    }
  }

  /**
   * Changes the plan here and now, and saves it a moment later.
   * @param key edits of the same key in quick succession are undone together
   */
  function editPlan(changes: Partial<Plan> | ((plan: Plan) => Plan), key = '') {
    const before = plan.value
    const next = typeof changes === 'function' ? changes(before) : { ...before, ...changes }
    // A card put where it lies, or called what it is called, changes nothing: nothing to undo or to save.
    if (next === before) return
    const quick = key !== '' && key === lastEdit.key && Date.now() - lastEdit.at < 2000
    if (!quick) past.value = [...past.value.slice(-undoSteps), before]
    lastEdit = { key, at: Date.now() }
    putPlan(next)
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
    saving.value = 'waiting'
    void savePlanSoon()
  }

  // One save at a time: a second one must know the version that the first one made.
  const savePlanSoon = useDebounceFn(() => (planSaved = planSaved.then(savePlan)), saveAfter)

  async function savePlan(): Promise<void> {
    if (!planUnsaved()) return
    const { id, plan: sent, planVersion } = open.value
    try {
      const saved = await request('PUT', '/api/lessons/:id/plan', {
        params: { id },
        body: { plan: sent, version: planVersion },
      })
      if (lesson.value?.id !== id) return
      savedPlan = sent
      patch({ planVersion: saved.planVersion })
      planProblems.value = []
      settled()
    } catch (error) {
      if (lesson.value?.id === id) await planRefused(error)
      else notices.warn(error)
    }
  }

  /** Says that all is saved, once it is. */
  function settled() {
    if (!planUnsaved() && !conclusionUnsaved()) saving.value = 'saved'
  }

  async function planRefused(error: unknown) {
    saving.value = 'refused'
    if (!(error instanceof RequestProblem)) return notices.warn(error)
    if (error.passes) {
      notices.warn(error)
      setTimeout(() => void savePlanSoon(), 3000)
      return
    }
    planProblems.value = error.problem.fields.map((field) => ({
      ...field,
      path: field.path.replace(/^plan\./, ''),
    }))
    if (error.problem.code === 'conflict' && error.problem.fields.length === 0) await showTheirs()
    else notices.warn(error)
  }

  /** Another screen saved first: its plan is shown, and undo brings this screen's plan back. */
  async function showTheirs() {
    const { id, plan: mine } = open.value
    savedPlan = mine
    await load(id)
    if (problem.value) return notices.warn(problem.value)
    past.value = [...past.value, mine]
    settled()
    notices.tell('Another screen changed this plan first. Its plan is shown.', undoPlan)
  }

  function editConclusion(changes: Partial<Conclusion>) {
    patch({ conclusion: { ...open.value.conclusion, ...changes } })
    conclusionChanges = { ...conclusionChanges, ...changes }
    saving.value = 'waiting'
    void saveConclusionSoon()
  }

  const saveConclusionSoon = useDebounceFn(
    () => (conclusionSaved = conclusionSaved.then(saveConclusion)),
    saveAfter,
  )

  async function saveConclusion(): Promise<void> {
    if (!conclusionUnsaved()) return
    const { id, conclusion, conclusionVersion } = open.value
    const changes = conclusionChanges
    conclusionChanges = {}
    try {
      const saved = await request('PUT', '/api/lessons/:id/conclusion', {
        params: { id },
        body: { conclusion, version: conclusionVersion },
      })
      if (lesson.value?.id !== id) return
      savedConclusion = conclusion
      patch({ conclusionVersion: saved.conclusionVersion })
      settled()
    } catch (error) {
      if (lesson.value?.id !== id) return notices.warn(error)
      saving.value = 'refused'
      if (!(error instanceof RequestProblem)) return notices.warn(error)
      if (error.problem.code === 'conflict') {
        // Another screen wrote other fields: take its text and put what was typed here on top.
        savedConclusion = open.value.conclusion
        await load(id)
        return editConclusion({ ...changes, ...conclusionChanges })
      }
      notices.warn(error)
      conclusionChanges = { ...changes, ...conclusionChanges }
      if (error.passes) setTimeout(() => void saveConclusionSoon(), 3000)
    }
  }

  /** Does something that is shown at once and is on its way to the server until it has it. */
  function act(done: ActOnLesson) {
    const sent = outbox.send({ lessonId: open.value.id, ...done } as Act)
    lesson.value = outbox.withWaiting(open.value)
    return sent
  }

  const predict = ({ groupId, seat }: PredictorSeat, answer: PredictionAnswer, because: string) =>
    act({ kind: 'prediction', groupId, seat, answer, because })

  async function setStage(stage: Stage) {
    if (open.value.stage === stage) return
    patch({ stage })
    await notices.attempt(() =>
      request('PATCH', '/api/lessons/:id', { params: { id: open.value.id }, body: { stage } }),
    )
  }

  async function setDate(date: string) {
    const before = open.value.date
    patch({ date })
    await request('PATCH', '/api/lessons/:id', { params: { id: open.value.id }, body: { date } }).catch(
      (error: unknown) => {
        patch({ date: before })
        notices.warn(error)
      },
    )
  }

  /** Hands on what is packed and counted back, of the lesson that is open. */
  const onPacking = (take: typeof packing) => void (packing = take)

  // The server refused what is shown: what it has is shown instead.
  outbox.onUndone((id) => {
    if (lesson.value?.id === id) void load(id)
  })

  return {
    lesson,
    problem,
    planProblems,
    saving,
    past,
    open,
    plan,
    scored,
    groups,
    words,
    entries,
    slots,
    predictors,
    confirmed,
    progress,
    days,
    load,
    patch,
    apply,
    onPacking,
    editPlan,
    undoPlan,
    editConclusion,
    act,
    predict,
    setStage,
    setDate,
  }
})
