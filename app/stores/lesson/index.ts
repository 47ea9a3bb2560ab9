import { defined } from '#core/defined'
import { createEventHook } from '@vueuse/core'
import { acceptHMRUpdate, defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import type { Conclusion, PredictionAnswer, PredictorSeat } from '#core/conclusion'
import { planFormat, type Plan, type PredictionStep } from '#core/plan'
import type { clockActSchema, FieldProblem, Given } from '#shared/schemas'
import { applyEvent } from '#shared/lesson/applyEvent'
import type { Stage } from '#core/lesson'
import type { LessonDto, LessonEvent } from '#shared/types/api'
import { problemWords, request, RequestProblem } from '~/api/request'
import type { Act } from '../sending/pendingActs'
import { useNotices } from '../notices'
import { useOutbox } from '../sending/outbox'
import { useEntryQueue } from '../sending/entryQueue'
import { documentClashes } from './clashes'
import { lessonDerivations } from './derivations'
import { keptDrafts } from './keptDrafts'
import { mergeByField, setAtPath } from './mergeByField'
import { undoSteps } from './undo'
import { versionedDraft } from './versionedDraft'

type ActOnLesson = Act extends infer One ? (One extends unknown ? Omit<One, 'lessonId'> : never) : never

/** The lesson that is open on this screen: as the server has it, with what is on its way there and what was typed and is not saved yet. */
export const useLesson = defineStore('lesson', () => {
  const notices = useNotices()
  const queue = useEntryQueue()
  const outbox = useOutbox()
  /** What the server is known to have, and what it will have once all that was sent has arrived. */
  const heard = shallowRef<LessonDto | null>(null)
  const problem = ref<string | null>(null)
  const planProblems = ref<FieldProblem[]>([])
  /** How often it was told that the children, or those who are absent, have changed. */
  const membersTold = ref(0)
  /** What was told until the lesson was fetched last; who fetches something beside it may know less. */
  const fetchedSeq = ref(0)
  const steps = undoSteps<Plan>()
  /** How many presses on the clock have no answer yet. */
  const pressing = ref(0)
  const clashes = documentClashes(
    ({ of, path, mine }) =>
      of === 'plan'
        ? editPlan((plan) => setAtPath(plan, path, mine))
        : conclusionDraft.edit(setAtPath(open.value.conclusion, path, mine)),
    (of) => (of === 'plan' ? planDraft : conclusionDraft).settle(),
  )
  /** The id that was asked for last; an answer for another one comes too late. */
  let wanted = ''
  const events = createEventHook<LessonEvent>()

  const planDraft = versionedDraft<Plan>({
    held: () =>
      heard.value && { lessonId: heard.value.id, doc: heard.value.plan, version: heard.value.planVersion },
    save: async (id, { id: save, doc: plan, version }) => {
      const body = { save, plan, version }
      return (await request('PUT', '/api/lessons/:id/plan', { params: { id }, body })).planVersion
    },
    saved(plan, planVersion) {
      planProblems.value = []
      // Others may have been heard of since.
      if (planVersion > defined(heard.value).planVersion) patch({ plan, planVersion })
    },
    fetch: fetchAnew,
    async ask(id) {
      const { plan: doc, planVersion: version } = await request('GET', '/api/lessons/:id', { params: { id } })
      return { doc, version }
    },
    clashed: (found) => clashes.ask('plan', found),
    kept: keptDrafts<Plan>('plan', (doc) => 'formatVersion' in doc && doc.formatVersion === planFormat),
    refused(error) {
      notices.warn(error)
      if (error instanceof RequestProblem && !error.passes)
        planProblems.value = error.problem.fields.map((field) => ({
          ...field,
          path: field.path.replace(/^plan\./, ''),
        }))
    },
  })
  const conclusionDraft = versionedDraft<Conclusion>({
    held: () =>
      heard.value && {
        lessonId: heard.value.id,
        doc: heard.value.conclusion,
        version: heard.value.conclusionVersion,
      },
    save: async (id, { id: save, doc: conclusion, version }) => {
      const body = { save, conclusion, version }
      return (await request('PUT', '/api/lessons/:id/conclusion', { params: { id }, body })).conclusionVersion
    },
    saved(conclusion, conclusionVersion) {
      if (conclusionVersion > defined(heard.value).conclusionVersion) patch({ conclusion, conclusionVersion })
    },
    fetch: fetchAnew,
    async ask(id) {
      const lesson = await request('GET', '/api/lessons/:id', { params: { id } })
      const { conclusion: doc, conclusionVersion: version } = lesson
      return { doc, version }
    },
    clashed: (found) => clashes.ask('conclusion', found),
    refused: (error) => notices.warn(error),
    kept: keptDrafts<Conclusion>('conclusion', (doc) => 'dissent' in doc),
  })

  const lesson = computed(() => {
    const now = heard.value
    if (!now) return null
    const plan = planDraft.draft.value
    const conclusion = conclusionDraft.draft.value
    return {
      ...now,
      ...(plan ? { plan: plan.doc, planVersion: plan.version } : {}),
      ...(conclusion ? { conclusion: conclusion.doc, conclusionVersion: conclusion.version } : {}),
    }
  })
  const open = computed(() => {
    if (!lesson.value) throw new Error('no lesson is open')
    return lesson.value
  })
  const saving = computed(() => {
    const states = [planDraft.state.value, conclusionDraft.state.value]
    return (['refused', 'waiting'] as const).find((state) => states.includes(state)) ?? 'saved'
  })

  function patch(changes: Partial<LessonDto>) {
    if (heard.value) heard.value = { ...heard.value, ...changes }
  }

  async function load(id: string) {
    wanted = id
    if (heard.value && heard.value.id !== id) {
      await Promise.all([planDraft.leave(), conclusionDraft.leave()])
      if (wanted !== id) return
      close()
    }
    problem.value = null
    try {
      const fetched = await request('GET', '/api/lessons/:id', { params: { id } })
      if (wanted !== id) return
      hearOf(outbox.withWaiting(fetched))
      fetchedSeq.value = fetched.seq
    } catch (error) {
      if (wanted === id) problem.value = problemWords(error)
    }
  }

  /** Takes in what the server has; what was typed here stays on top of it. */
  function hearOf(now: LessonDto) {
    const isOpened = heard.value === null
    heard.value = now
    for (const one of [planDraft, conclusionDraft]) {
      if (isOpened) one.takeUp()
      one.bringTogether()
    }
  }

  async function fetchAnew(id: string): Promise<boolean> {
    await load(id)
    if (problem.value !== null) notices.warn(problem.value)
    return problem.value === null
  }

  function close() {
    heard.value = null
    steps.forget()
    clashes.forget()
    planProblems.value = []
  }

  /** Takes in what another screen, or this one, has done. */
  function apply(event: LessonEvent) {
    const now = heard.value
    if (!now || event.seq <= now.seq) return
    if (event.seq > now.seq + 1 || event.kind === 'parts') return void load(now.id)
    // The echo of an earlier act of this screen doesn't take a later one back that is still on its way.
    hearOf(outbox.withWaiting(applyEvent(now, event)))
    void events.trigger(event)
    if (event.kind === 'absent' || event.kind === 'class') membersTold.value++
    if (event.kind === 'safety') void queue.flush()
  }

  /**
   * Changes the plan here and now, and saves it a moment later.
   * @param key edits of the same key in quick succession are undone together
   */
  function editPlan(changes: Partial<Plan> | ((plan: Plan) => Plan), key = '') {
    const before = open.value.plan
    const next = typeof changes === 'function' ? changes(before) : { ...before, ...changes }
    // A card put where it lies, or called what it is called, changes nothing: nothing to undo or to save.
    if (next === before) return
    steps.remember({ before, after: next }, key)
    planDraft.edit(next)
  }

  /** Takes back what was done last on this screen, and nothing that another one has done since. */
  function undoPlan() {
    const step = steps.back()
    if (!step) return
    const { merged, clashes: since } = mergeByField(step.after, step.before, open.value.plan)
    planDraft.edit(merged)
    if (since.length > 0) notices.tell('Another screen has changed this since, so its version stays.')
  }

  const editConclusion = (changes: Partial<Conclusion>) =>
    conclusionDraft.edit({ ...open.value.conclusion, ...changes })

  /** Does something that is shown at once and is on its way to the server until it has it. */
  function act(done: ActOnLesson): Promise<void> {
    const sent = outbox.send({ lessonId: open.value.id, ...done } as Act)
    if (heard.value) heard.value = outbox.withWaiting(heard.value)
    return sent
  }

  const predict = (
    { groupId, seat }: PredictorSeat,
    answer: PredictionAnswer,
    because: string,
    step: PredictionStep = 'before',
  ) => act({ kind: 'prediction', groupId, seat, answer, because, step })

  /** Moves the lesson to a stage, which is where the logbook opens it; shown whether or not the server hears of it. */
  async function setStage(stage: Stage) {
    const { id, stage: before } = open.value
    if (before === stage) return
    patch({ stage })
    await notices.attempt(() => request('PATCH', '/api/lessons/:id', { params: { id }, body: { stage } }))
  }

  /** Presses something on the clock of the class; of two screens that press at once, one does. */
  async function pressClock(act: Given<typeof clockActSchema>['act']) {
    const { id, clockVersion: version } = open.value
    pressing.value++
    const now = await notices.attempt(() =>
      request('POST', '/api/lessons/:id/clock', { params: { id }, body: { act, version } }),
    )
    pressing.value--
    if (!now || heard.value?.id !== id) return
    if (now.clockVersion > heard.value.clockVersion)
      patch({ clock: now.clock, clockVersion: now.clockVersion })
    if (!now.done && now.clockVersion !== version)
      notices.tell('Another screen pressed first. The clock now shows what it did.')
  }

  /** Says that testing is over, or that it goes on. */
  async function setFinished(finished: boolean) {
    const { id } = open.value
    await notices.attempt(() => request('PATCH', '/api/lessons/:id', { params: { id }, body: { finished } }))
  }

  async function setDate(date: string) {
    const { id, date: before } = open.value
    patch({ date })
    await request('PATCH', '/api/lessons/:id', { params: { id }, body: { date } }).catch((error: unknown) => {
      if (heard.value?.id === id) patch({ date: before })
      notices.warn(error)
    })
  }

  // What is shown was done before something that the server refused: what it has is shown instead.
  watch(
    () => outbox.refused,
    (now, before) => {
      const isNew = now.some((one) => one.act.lessonId === heard.value?.id && !before.includes(one))
      if (isNew && heard.value) void load(heard.value.id)
    },
  )

  return {
    ...lessonDerivations(open),
    lesson,
    problem,
    planProblems,
    saving,
    pressing,
    past: steps.past,
    clashes: clashes.clashes,
    choose: clashes.choose,
    membersTold,
    fetchedSeq,
    open,
    load,
    patch,
    apply,
    onEvent: events.on,
    editPlan,
    undoPlan,
    editConclusion,
    act,
    predict,
    setStage,
    setFinished,
    setDate,
    pressClock,
  }
})

if (import.meta.hot) import.meta.hot.accept(acceptHMRUpdate(useLesson, import.meta.hot))
