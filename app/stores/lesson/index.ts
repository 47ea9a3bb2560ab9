import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { Conclusion, PredictionAnswer, PredictorSeat } from '#core/conclusion'
import type { Plan } from '#core/plan'
import type { clockActSchema, FieldProblem, Given } from '#shared/schemas'
import { applyEvent } from '#shared/lesson/applyEvent'
import type { Stage } from '#core/lesson'
import type { LessonDto, LessonEvent } from '#shared/types/api'
import { problemWords, request, RequestProblem } from '../../api/request'
import type { Act } from '../sending/keptActs'
import { useNotices } from '../notices'
import { useOutbox } from '../sending/outbox'
import { useEntryQueue } from '../sending/entryQueue'
import { lessonDerivations } from './derivations'
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
  const steps = undoSteps<Plan>()
  /** The id that was asked for last; an answer for another one comes too late. */
  let wanted = ''
  /** Takes in what is packed, once somebody wants to know. */
  let packing: (event: LessonEvent) => void = () => {}

  const planDraft = versionedDraft<Plan>({
    held: () =>
      heard.value && { lessonId: heard.value.id, doc: heard.value.plan, version: heard.value.planVersion },
    save: async (id, doc, version) => {
      const saved = await request('PUT', '/api/lessons/:id/plan', {
        params: { id },
        body: { plan: doc, version },
      })
      return saved.planVersion
    },
    saved(plan, planVersion) {
      planProblems.value = []
      // Others may have been heard of since.
      if (planVersion > heard.value!.planVersion) patch({ plan, planVersion })
    },
    fetch: fetchAnew,
    theyWereFirst({ doc: mine }) {
      steps.remember(mine)
      notices.tell('Another screen changed this plan first. Its plan is shown.', undoPlan)
    },
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
    save: async (id, doc, version) => {
      const saved = await request('PUT', '/api/lessons/:id/conclusion', {
        params: { id },
        body: { conclusion: doc, version },
      })
      return saved.conclusionVersion
    },
    saved(conclusion, conclusionVersion) {
      if (conclusionVersion > heard.value!.conclusionVersion) patch({ conclusion, conclusionVersion })
    },
    fetch: fetchAnew,
    // They wrote other fields: what was typed here goes on top of theirs.
    theyWereFirst: ({ doc, base }) => editConclusion(changedFields(base, doc)),
    refused: (error) => notices.warn(error),
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
      if (wanted === id) heard.value = outbox.withWaiting(fetched)
    } catch (error) {
      if (wanted === id) problem.value = problemWords(error)
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
    planProblems.value = []
  }

  /** Takes in what another screen, or this one, has done. */
  function apply(event: LessonEvent) {
    const now = heard.value
    if (!now || event.seq <= now.seq) return
    if (event.seq > now.seq + 1 || event.kind === 'parts') return void load(now.id)
    heard.value = applyEvent(now, event)
    packing(event)
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
    steps.remember(before, key)
    planDraft.edit(next)
  }

  function undoPlan() {
    const before = steps.back()
    if (before) planDraft.edit(before)
  }

  const editConclusion = (changes: Partial<Conclusion>) =>
    conclusionDraft.edit({ ...open.value.conclusion, ...changes })

  /** Does something that is shown at once and is on its way to the server until it has it. */
  function act(done: ActOnLesson): Promise<void> {
    const sent = outbox.send({ lessonId: open.value.id, ...done } as Act)
    if (heard.value) heard.value = outbox.withWaiting(heard.value)
    return sent
  }

  const predict = ({ groupId, seat }: PredictorSeat, answer: PredictionAnswer, because: string) =>
    act({ kind: 'prediction', groupId, seat, answer, because })

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
    const now = await notices.attempt(() =>
      request('POST', '/api/lessons/:id/clock', { params: { id }, body: { act, version } }),
    )
    if (!now || heard.value?.id !== id) return
    if (now.clockVersion > heard.value.clockVersion)
      patch({ clock: now.clock, clockVersion: now.clockVersion })
    if (!now.done && now.clockVersion !== version)
      notices.tell('Another screen pressed first. This is how the clock goes now.')
  }

  async function setDate(date: string) {
    const { id, date: before } = open.value
    patch({ date })
    await request('PATCH', '/api/lessons/:id', { params: { id }, body: { date } }).catch((error: unknown) => {
      if (heard.value?.id === id) patch({ date: before })
      notices.warn(error)
    })
  }

  /** Hands on what is packed and counted back, of the lesson that is open. */
  const onPacking = (take: typeof packing) => void (packing = take)

  // What is shown was done before something that the server refused: what it has is shown instead.
  outbox.onUndone((id) => {
    if (heard.value?.id === id) void load(id)
  })

  return {
    ...lessonDerivations(open),
    lesson,
    problem,
    planProblems,
    saving,
    past: steps.past,
    membersTold,
    open,
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
    pressClock,
  }
})

function changedFields<Doc extends object>(from: Doc, to: Doc): Partial<Doc> {
  const names = Object.keys(to) as (keyof Doc)[]
  return Object.fromEntries(
    names.filter((name) => to[name] !== from[name]).map((name) => [name, to[name]]),
  ) as Partial<Doc>
}
