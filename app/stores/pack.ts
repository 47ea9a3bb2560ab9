import { itemAt } from '#core/defined'
import { currentDay } from '#shared/lesson/currentDay'
import { closedReason } from '#core/calendar'
import { acceptHMRUpdate, defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import {
  availability as availabilityOf,
  checkKitted,
  kitAmounts,
  madeReady,
  sharedSheets,
  needsOf,
  planTasks,
  shoppingList,
  substitutesFor,
  tasksFor,
  withInstruments,
  withKitLine,
  withoutKitLine,
  type Availability,
  type KitLine,
  type LineCount,
} from '#core/kit'
import type { Material } from '#core/plan'
import { checkSafe } from '#core/safety'
import { applyToPack, tickKey } from '#shared/lesson/applyEvent'
import type { NewEvent, PackDto, TickDto } from '#shared/types/api'
import { request } from '../api/request'
import { pendingTicks, type PendingTick } from './sending/pendingTicks'
import { sendingQueue } from './sending/sendingQueue'
import { useLesson } from './lesson'
import { useNotices } from './notices'

const asTick = ({ lessonId: _id, ...tick }: PendingTick): TickDto => tick

/** One line of the kit in one place: a group's tray, the front table or the teacher, the spares. */
export interface PackCell {
  line: KitLine
  place: string
  name: string
  amount: number
}

/** The kit of the open lesson: its lines and amounts, what the cupboard has of them, what is packed and what came back. */
export const usePack = defineStore('pack', () => {
  const lesson = useLesson()
  const notices = useNotices()
  const data = shallowRef<PackDto | null>(null)
  const loadedFor = ref('')
  const today = ref(currentDay())
  const queue = sendingQueue<PendingTick>({
    waiting: pendingTicks,
    keyOf: (one) => `${one.lessonId}|${tickKey(one)}`,
    lessonOf: ({ lessonId }) => lessonId,
    inOrder: () => 0,
    atOnce: 200,
    send: (id, items) =>
      request('PUT', '/api/lessons/:id/ticks', { params: { id }, body: { ticks: items.map(asTick) } }),
    // The live stream may be slower than the answer; until it has come, this is what is packed.
    taken: (id, items) => id === loadedFor.value && take({ kind: 'ticks', ticks: items.map(asTick) }),
    refused: (_one, error) => notices.warn(error),
  })

  const people = computed(() => ({
    groups: lesson.groups.length,
    children: lesson.open.class.children,
    byGroup: lesson.open.class.byGroup,
    cupboard: lesson.open.school.cupboard,
  }))
  const lines = computed(() =>
    kitAmounts(lesson.plan, { ...people.value, usedBefore: data.value?.usedBefore }),
  )
  const made = computed(() => lines.value.map((line) => madeReady(line, lesson.plan, people.value)))
  const shared = computed(() => sharedSheets(lines.value, made.value))
  const supplies = computed(() => withInstruments(data.value?.supplies ?? [], lesson.open.school.cupboard))
  /** What there is of everything; nothing once the kit was counted back, as the cupboard knows it then. */
  const availability = computed<Availability[]>(() => {
    if (!data.value || data.value.counts.length > 0) return []
    const needs = needsOf(lines.value, lesson.plan, people.value)
    return availabilityOf({ ...data.value.own, needs }, data.value.others, supplies.value)
  })
  const tasks = computed(() =>
    planTasks(
      tasksFor(lesson.plan, lines.value),
      lesson.open.date,
      lesson.open.school.calendar,
      lesson.days.at(-1),
    ),
  )
  /** A task that is done is ticked like a thing that is packed. */
  const isDone = (taskId: string) => packed(taskId, 'shared') > 0
  const kitted = computed(() =>
    checkKitted({
      lines: lines.value,
      made: made.value,
      availability: availability.value,
      tasks: tasks.value,
      done: new Set(tasks.value.filter((one) => isDone(one.id)).map((one) => one.id)),
      children: people.value.children,
      today: today.value,
      lessonDay: lesson.open.date,
      closed: closedReason(lesson.open.school.calendar, lesson.open.date),
    }),
  )
  const safe = computed(() =>
    checkSafe(lesson.plan, {
      age: lesson.open.class.ageBand,
      lines: lines.value,
      allergies: data.value?.allergies ?? [],
      supplies: data.value?.supplies ?? [],
    }),
  )
  const shopping = computed(() =>
    shoppingList(
      availability.value.filter((one) => one.supply !== null || hasOffer(one)),
      data.value?.offers ?? [],
    ),
  )
  /** What has been packed, by line and place; what is on its way to the server counts already. */
  const ticks = computed(() => {
    const onItsWay = queue.waiting.value.filter((one) => one.lessonId === loadedFor.value)
    return new Map([...(data.value?.ticks ?? []), ...onItsWay].map((one) => [tickKey(one), one.amount]))
  })

  const hasOffer = ({ need }: Availability) =>
    (data.value?.offers ?? []).some((offer) => offer.name.toLowerCase() === need.name.toLowerCase())

  async function load(id: string) {
    const fetched = await request('GET', '/api/lessons/:id/pack', { params: { id } })
    data.value = fetched
    loadedFor.value = id
    today.value = currentDay()
    void queue.flush()
    await catchUp()
  }

  /** The newest event that was told of the lesson before its kit was fetched. */
  let told = { lessonId: '', seq: 0 }

  /** The lesson is fetched beside its kit: what was done in between is in neither an event nor an older kit. */
  async function catchUp() {
    if (!data.value || loadedFor.value !== lesson.lesson?.id) return
    const toldBefore = told.lessonId === loadedFor.value ? told.seq : 0
    if (data.value.seq < Math.max(toldBefore, lesson.fetchedSeq)) await load(loadedFor.value)
  }
  watch(
    () => lesson.fetchedSeq,
    () => notices.attempt(catchUp),
  )

  /** Takes in an event of the open lesson, or what is known of it before it is told. */
  function take(event: NewEvent & { seq?: number }) {
    if (data.value && loadedFor.value === lesson.lesson?.id)
      data.value = applyToPack(data.value, { seq: 0, ...event })
    else if (lesson.lesson && event.seq) told = { lessonId: lesson.lesson.id, seq: event.seq }
  }

  lesson.onEvent(take)

  /** Where a line may be packed, in the order of the columns, and how much of it in each place. */
  const cellsOf = (line: KitLine): PackCell[] => [
    ...lesson.testers.map((group) => ({
      line,
      place: group.id,
      name: group.name,
      amount: itemAt(
        line.perGroup,
        lesson.groups.findIndex(({ id }) => id === group.id),
      ),
    })),
    {
      line,
      place: 'shared',
      name: line.material.place === 'teacher' ? 'the teacher' : 'the front table',
      amount: line.shared,
    },
    { line, place: 'spare', name: 'spares', amount: line.spare },
  ]
  /** Every place where something is to lie. */
  const cells = computed(() => lines.value.flatMap(cellsOf).filter((cell) => cell.amount > 0))

  /** Whether all of a line that belongs in a place lies there. */
  const isPacked = ({ line, place, amount }: PackCell) =>
    amount > 0 && packed(line.material.id, place) >= amount

  /** Ticks cells, or unticks them where all are ticked. */
  function tickAll(some: readonly PackCell[]) {
    const done = some.every(isPacked)
    for (const { line, place, amount } of some) tick(line.material.id, place, done ? 0 : amount)
  }

  /** Where in the school a line's things are kept. */
  const shelfOf = (line: KitLine) =>
    availability.value.find((one) => one.need.materialIds.includes(line.material.id))?.supply?.shelf ?? ''

  /** How much of a line is packed in a place. */
  const packed = (materialId: string, place: string) => ticks.value.get(tickKey({ materialId, place })) ?? 0

  function tick(materialId: string, place: string, amount: number) {
    void queue.add({ lessonId: lesson.open.id, materialId, place, amount })
  }

  async function count(counts: LineCount[]) {
    const params = { id: lesson.open.id }
    const counted = await request('PUT', '/api/lessons/:id/counts', { params, body: { counts } })
    take({ kind: 'counts', counts: counted })
  }

  /** @param initials none where a teacher is signed in */
  async function confirm(initials?: string) {
    const { id, planVersion } = lesson.open
    lesson.patch({
      safety: await request('POST', '/api/lessons/:id/safety', {
        params: { id },
        body: { initials, version: planVersion },
      }),
    })
  }

  const putLine = (material: Material) => lesson.editPlan((plan) => withKitLine(plan, material))

  function takeOut(line: KitLine) {
    lesson.editPlan((plan) => withoutKitLine(plan, line))
    notices.tell(`${line.material.name || 'The line'} is off the list.`, () => lesson.undoPlan())
  }

  /** What may stand in for something that is short. */
  const substitutes = (short: Availability) =>
    substitutesFor(
      short,
      lesson.plan,
      data.value?.supplies ?? [],
      lesson.open.school.cupboard,
      heldByName.value,
    )

  const heldByName = computed(() => {
    const all = new Map<string, number>()
    const own = data.value?.own
    for (const other of data.value?.others ?? [])
      if (own && other.from <= own.to && own.from <= other.to)
        for (const need of other.needs) all.set(need.key, (all.get(need.key) ?? 0) + need.amount)
    return all
  })

  return {
    data,
    loadedFor,
    pending: queue.waiting,
    offline: queue.offline,
    lines,
    made,
    shared,
    supplies,
    availability,
    tasks,
    kitted,
    safe,
    shopping,
    ticks,
    load,
    take,
    cells,
    cellsOf,
    isPacked,
    tickAll,
    isDone,
    tick,
    shelfOf,
    count,
    confirm,
    putLine,
    takeOut,
    substitutes,
  }
})

if (import.meta.hot) import.meta.hot.accept(acceptHMRUpdate(usePack, import.meta.hot))
