import { defined } from '#core/defined'
import { computed, type ComputedRef } from 'vue'
import { variableWords } from '#core/class'
import { predictorSeats } from '#core/conclusion'
import { isTestingOver, readingDays, testersOf } from '#core/lesson'
import { standingOf } from '#core/entries'
import { paceOf } from '#core/plan'
import type { FitsContext } from '#core/timetable'
import { scoredPlan } from '#core/comparison'
import { groupProgress, readingsAt, wayOf } from '#core/recording'
import type { LessonDto } from '#shared/types/api'
import { currentDay } from '#shared/lesson/currentDay'
import { useEntryQueue } from '../sending/entryQueue'

/** What the core makes of an open lesson. */
export function lessonDerivations(open: ComputedRef<LessonDto>) {
  const queue = useEntryQueue()
  const plan = computed(() => open.value.plan)
  const groups = computed(() => open.value.class.groups)
  const words = computed(() => variableWords(open.value.class.vocabulary))
  const entries = computed(() => queue.withWaiting(open.value.id, open.value.entries))
  const standing = computed(() => standingOf(entries.value))
  const slots = computed(() => standing.value.slots)
  const counted = computed(() => standing.value.counted)
  /** Who makes readings: the groups, or the class as one. */
  const testers = computed(() =>
    testersOf(plan.value, groups.value, new Set(counted.value.map((one) => one.groupId))),
  )
  /** The plan as its results are measured, for everything that prints them. */
  const scored = computed(() => scoredPlan(plan.value, counted.value))
  /** What was read at each moment of each level. */
  const readings = computed(() => readingsAt(plan.value, counted.value))
  /** Everybody whose prediction is asked for, with what they have predicted. */
  const predictors = computed(() =>
    predictorSeats(
      plan.value,
      groups.value.map((group) => group.id),
      open.value.class.children,
    ).map(({ groupId, seat }) => {
      const own = open.value.predictions.filter((one) => one.groupId === groupId && one.seat === seat)
      return {
        groupId,
        seat,
        group: defined(groups.value.find((group) => group.id === groupId)),
        made: own.find(({ step }) => step === 'before') ?? null,
        /** What was predicted at later steps. */
        again: own.filter(({ step }) => step !== 'before'),
      }
    }),
  )
  /** Whether counted entries are taken: somebody has checked the school's own risk assessment for this plan. */
  const confirmed = computed(() => open.value.safety?.stands === true)
  /** The days on which it is read, where that takes more than one. */
  const days = computed(() => readingDays(plan.value, open.value.school.calendar, open.value.date))
  /** Whether nobody will test any more, so that what was found is no longer only what it is so far. */
  const testingOver = computed(() => isTestingOver(open.value, open.value.school.calendar, currentDay()))
  const due = computed(() => wayOf(plan.value).momentsDue(plan.value, days.value, currentDay()))
  /** What the time of the lesson goes by besides its plan. */
  const timeContext = computed<FitsContext>(() => ({
    age: open.value.class.ageBand,
    pace: paceOf(open.value.class.ageBand, open.value.school.ways),
    groups: groups.value.length,
    lessonMinutes: open.value.school.ways.lessonMinutes,
    cupboard: open.value.school.cupboard,
  }))
  const progress = computed(() =>
    groups.value.map((group, groupIndex) =>
      groupProgress(plan.value, group.id, groupIndex, standing.value, due.value),
    ),
  )
  return {
    testingOver,
    plan,
    groups,
    testers,
    words,
    entries,
    standing,
    slots,
    counted,
    scored,
    readings,
    predictors,
    confirmed,
    days,
    timeContext,
    progress,
  }
}
