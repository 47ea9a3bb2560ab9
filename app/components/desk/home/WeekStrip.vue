<script setup lang="ts">
import { addDays, format, formatISO, isToday, startOfWeek } from 'date-fns'
import { mdiPackageVariant } from '@mdi/js'
import { computed } from 'vue'
import { closedReason } from '#core/calendar'
import type { LessonSummaryDto, WeekDto } from '#shared/types/api'
import { lessonNeed } from '~/words/lessonNeed'

/** This school week and the lessons in it, with what each still needs. */
const props = defineProps<{ lessons: LessonSummaryDto[]; week: WeekDto | null }>()

const days = computed(() => {
  const monday = startOfWeek(new Date(), { weekStartsOn: 1 })
  return Array.from({ length: 7 }, (_, index) => {
    const date = addDays(monday, index)
    const day = formatISO(date, { representation: 'date' })
    return {
      day,
      name: format(date, 'EEE d'),
      today: isToday(date),
      closed: props.week ? closedReason(props.week.calendar, day) : null,
      // A lesson over several days stands on the day that wants its readings, too.
      lessons: props.lessons.filter(
        (lesson) => lesson.date === day || (isToday(date) && (lesson.dueToday ?? 0) > 0),
      ),
      tasks: (props.week?.lessons ?? []).flatMap((lesson) =>
        lesson.tasks
          .filter((task) => task.day === day)
          .map((task) => ({
            ...task,
            lessonId: lesson.reservation.lessonId,
            title: lesson.reservation.title,
          })),
      ),
    }
  }).filter((day, index) => index < 5 || day.lessons.length > 0 || day.tasks.length > 0)
})
/** What the kit of a lesson that is still to come lacks, the worst first. */
const lacks = (id: string) => {
  const found = props.week?.lessons.find((one) => one.reservation.lessonId === id)
  // What has begun is past getting ready.
  const begun = props.lessons.some((lesson) => lesson.id === id && lesson.readings > 0)
  if (!found || found.countedBack || begun) return []
  const noDay = found.tasks.filter((task) => task.day === null).map((task) => `${task.what}: no school day`)
  return [...found.short, ...noDay].slice(0, 2)
}
</script>

<template>
  <ol class="week" aria-label="This week">
    <li v-for="day in days" :key="day.day" :class="{ today: day.today }">
      <p class="name">{{ day.name }}<span v-if="day.today"> · today</span></p>
      <NuxtLink
        v-for="lesson in day.lessons"
        :key="lesson.id"
        :to="`/lessons/${lesson.id}/${lesson.stage}`"
        class="lesson"
      >
        <b>{{ lesson.title || lesson.question || 'New lesson' }}</b>
        <span class="small">{{ lesson.groupNames?.join(', ') ?? lesson.className }}</span>
        <span class="need small">{{ lessonNeed(lesson) }}</span>
        <span
          v-for="lack in lesson.stage === 'wonder' ? [] : lacks(lesson.id)"
          :key="lack"
          class="lack small"
          >{{ lack }}</span
        >
      </NuxtLink>
      <NuxtLink
        v-for="task in day.tasks"
        :key="task.lessonId + task.id"
        :to="`/lessons/${task.lessonId}/pack`"
        class="task small"
        :title="task.title"
        ><VIcon :icon="mdiPackageVariant" size="14" /> {{ task.what }}</NuxtLink
      >
      <p v-if="day.closed && day.closed !== 'weekend'" class="soft small">closed: {{ day.closed }}</p>
      <p v-else-if="day.lessons.length === 0 && day.tasks.length === 0" class="none soft small">no test</p>
    </li>
  </ol>
</template>

<style scoped>
.week {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-auto-flow: column;
  grid-auto-columns: minmax(0, 1fr);
  border: 1px solid var(--line);
  border-radius: var(--radius);
  background: var(--surface);
  min-height: 130px;
}

@media (max-width: 760px) {
  .week {
    grid-auto-flow: row;
    min-height: 0;
  }

  li:not(:has(.lesson, .task)) {
    flex-direction: row;
    padding-block: 4px;
  }

  .week li + li {
    border-left: 0;
    border-top: 1px solid var(--line);
  }
}

li {
  min-width: 0;
  padding: 10px 12px;
  display: flex;
  flex-direction: column;
  gap: 8px;
}

li + li {
  border-left: 1px solid var(--line);
}

.today {
  background: var(--marigold-wash);
}

.name {
  font: 500 var(--text-small) var(--heading);
}

.lesson {
  display: flex;
  flex-direction: column;
  color: var(--ink);
  text-decoration: none;
  background: var(--surface);
  border: 1px solid var(--line);
  border-left: 4px solid var(--teal);
  border-radius: 8px;
  padding: 6px 8px;
  line-height: 1.25;
  overflow-wrap: anywhere;
}

.lesson:hover {
  border-color: var(--teal);
}

.lack {
  color: var(--coral);
}

.task {
  color: var(--ink);
  text-decoration: none;
  line-height: 1.25;
}

.task:hover {
  text-decoration: underline;
}

.need {
  color: var(--teal);
  font-weight: 700;
}
</style>
