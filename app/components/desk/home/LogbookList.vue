<script setup lang="ts">
import { currentDay } from '#shared/lesson/currentDay'
import { computed, ref } from 'vue'
import { findLesson, type SearchedPlace } from '#core/logbook'
import type { LessonSummaryDto } from '#shared/types/api'
import { dayWords } from '~/words/dates'
import { lessonNeed } from '~/words/lessonNeed'
import { useNotices } from '~/stores/notices'
import { useSchool } from '~/stores/school'

/** Every lesson by question and answer; any of them can be run again. */
const school = useSchool()
const notices = useNotices()
const router = useRouter()
const again = ref<LessonSummaryDto | null>(null)
const againShown = computed({
  get: () => again.value !== null,
  set: (shown) => (again.value = shown ? again.value : null),
})
/** Null once it is cleared. */
const find = ref<string | null>('')
const stageNames = {
  wonder: 'Wonder',
  plan: 'Plan',
  pack: 'Pack',
  test: 'Test',
  compare: 'Compare',
  conclude: 'Conclude',
}
const placeSaid: Record<SearchedPlace, string> = {
  materials: 'Among its materials',
  words: 'Among its words',
  variables: 'In its plan',
  conclusion: 'In its conclusion',
  visits: 'From a visit',
}
/** Null for all of them. */
const ofClass = ref<string | null>(null)
const ofYear = ref<string | null>(null)
const classNames = computed(() => [...new Set(school.lessons.map(({ className }) => className))].sort())
const years = computed(() => [...new Set(school.lessons.map(({ year }) => year))].sort().reverse())
const found = computed(() =>
  school.lessons.flatMap((lesson) => {
    if (ofClass.value !== null && lesson.className !== ofClass.value) return []
    if (ofYear.value !== null && lesson.year !== ofYear.value) return []
    const { title, question, answer, className, took, visits, nextQuestion } = lesson
    const shown = [title, question, answer ?? '', className, took ?? '', visits, nextQuestion]
    const others = [...lesson.nextQuestions, ...(lesson.groupNames ?? [])]
    const places = findLesson([...shown, ...others], lesson.searched, find.value ?? '')
    return places === null ? [] : [{ lesson, places }]
  }),
)

async function runAgain(classId: string) {
  const lesson = again.value
  again.value = null
  if (!lesson) return
  const today = currentDay()
  const id = await notices.attempt(() =>
    school.createLesson(classId, today, { kind: 'lesson', id: lesson.id }),
  )
  if (id) await router.push(`/lessons/${id}/plan`)
}

/** A question that was left over begins a lesson of its own, with the test that it came from where that was planned. */
async function ask({ id, classId, stage }: LessonSummaryDto, question: string) {
  const isPlanned = stage !== 'wonder'
  const next = await notices.attempt(() =>
    school.createLesson(
      classId,
      currentDay(),
      isPlanned ? { kind: 'next', id, question } : { kind: 'question', question },
    ),
  )
  if (next) await router.push(`/lessons/${next}/${isPlanned ? 'plan' : 'wonder'}`)
}

async function remove(lesson: LessonSummaryDto) {
  await notices.attempt(async () => {
    await school.removeLesson(lesson.id)
    notices.tell('The lesson is no longer in the logbook.', () => school.restoreLesson(lesson.id))
  })
}
</script>

<template>
  <section class="stack" aria-label="Logbook">
    <div class="spread">
      <div class="row">
        <h2>Logbook</h2>
        <NuxtLink to="/year">The year at a glance</NuxtLink>
      </div>
      <div class="row filters">
        <VSelect
          v-if="years.length > 1"
          v-model="ofYear"
          :items="years"
          label="School year"
          class="filter"
          clearable
        />
        <VSelect
          v-if="classNames.length > 1"
          v-model="ofClass"
          :items="classNames"
          label="Class"
          class="filter"
          clearable
        />
        <VTextField v-model="find" label="Find" class="filter" clearable />
      </div>
    </div>
    <VTable class="list" density="comfortable">
      <thead>
        <tr>
          <th scope="col">Question and answer</th>
          <th scope="col">Class</th>
          <th scope="col">Day</th>
          <th scope="col">Stage</th>
          <th scope="col"><span class="visually-hidden">More</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ lesson, places } in found" :key="lesson.id">
          <td class="question">
            <NuxtLink :to="`/lessons/${lesson.id}/${lesson.stage}`">{{
              lesson.question || lesson.title || 'No question yet'
            }}</NuxtLink>
            <p v-if="lesson.answer" class="small">{{ lesson.answer }}</p>
            <p v-for="one in places" :key="one.text" class="small">
              {{ placeSaid[one.place] }}: {{ one.text }}
            </p>
            <p v-if="lesson.took" class="small soft">{{ lesson.took }}</p>
            <p v-if="lesson.visits" class="small soft">{{ lesson.visits }}</p>
            <p v-if="lesson.nextQuestion" class="small soft">Next: {{ lesson.nextQuestion }}</p>
            <details v-if="lesson.nextQuestions.length" class="small next">
              <summary>
                {{ lesson.nextQuestions.length }} next
                {{ lesson.nextQuestions.length === 1 ? 'question' : 'questions' }}
              </summary>
              <p v-for="question in lesson.nextQuestions" :key="question">
                {{ question }}
                <VBtn
                  size="x-small"
                  variant="text"
                  color="primary"
                  :aria-label="`Ask next: ${question}`"
                  @click="ask(lesson, question)"
                  >Ask next</VBtn
                >
              </p>
            </details>
          </td>
          <td class="class">
            {{ lesson.className }}
            <p v-if="lesson.groupNames" class="small soft">{{ lesson.groupNames.join(', ') }}</p>
          </td>
          <td class="nowrap">{{ dayWords(lesson.date) }}</td>
          <td class="nowrap">
            {{ stageNames[lesson.stage] }}<br />{{ ' '
            }}<span class="small soft">{{ lessonNeed(lesson) }}</span>
          </td>
          <td class="nowrap">
            <VBtn size="small" variant="text" color="primary" @click="again = lesson">Run again</VBtn>
            <DotsMenu :label="`More for ${lesson.title || lesson.question}`" size="small">
              <VListItem title="Remove from the logbook" @click="remove(lesson)" />
              <p class="small soft files">Save as a file</p>
              <LessonFileItems :lesson-id="lesson.id" />
            </DotsMenu>
          </td>
        </tr>
        <tr v-if="found.length === 0">
          <td colspan="5" class="soft">
            {{
              school.lessons.length ? 'No lesson has these words.' : 'No lessons yet. Start one on the right.'
            }}
          </td>
        </tr>
      </tbody>
    </VTable>
    <VDialog v-model="againShown" max-width="420" aria-label="Run again with which class?">
      <VCard title="Run again with which class?">
        <VList>
          <VListItem
            v-for="one in school.classes"
            :key="one.id"
            :title="one.name"
            :subtitle="`${one.groups.length} groups`"
            @click="runAgain(one.id)"
          />
        </VList>
        <VCardActions
          ><VBtn to="/classes">Make another class</VBtn
          ><VBtn @click="again = null">Not now</VBtn></VCardActions
        >
      </VCard>
    </VDialog>
  </section>
</template>

<style scoped>
.files {
  padding: 8px 16px 0;
  border-top: 1px solid var(--line);
}

.filters {
  flex: 1;
  justify-content: flex-end;
}

.filter {
  flex: 1;
  min-width: 120px;
  max-width: 240px;
}

.list {
  border: 1px solid var(--line);
  border-radius: var(--radius);
}

.question {
  padding-block: 8px !important;
}

.question,
.class {
  overflow-wrap: anywhere;
}

.question a {
  font-weight: 700;
}

.next summary {
  cursor: pointer;
  color: var(--ink-soft);
}

.nowrap {
  white-space: nowrap;
}

/* On a phone each lesson is a card: its question, and beneath it class, day and stage in a line. */
@media (max-width: 760px) {
  thead {
    display: none;
  }

  tr {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 12px;
    padding: 8px 12px;
    border-bottom: 1px solid var(--line);
  }

  td {
    height: auto !important;
    padding: 0 !important;
    border: 0 !important;
    font-size: var(--text-small);
  }

  td.question {
    flex: 1 0 100%;
    font-size: var(--text-body);
  }

  td br {
    display: none;
  }

  td:last-child {
    margin-left: auto;
  }
}
</style>
