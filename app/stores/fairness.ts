import { acceptHMRUpdate, defineStore } from 'pinia'
import { computed } from 'vue'
import { checkFair } from '#core/fair'
import { useLesson } from './lesson'

/** Whether the test of the open lesson is fair, and what stands in the way. */
export const useFairness = defineStore('fairness', () => {
  const lesson = useLesson()
  const fair = computed(() =>
    checkFair(lesson.plan, {
      age: lesson.open.class.ageBand,
      words: lesson.words,
      ...lesson.open.school,
    }),
  )
  return { fair }
})

if (import.meta.hot) import.meta.hot.accept(acceptHMRUpdate(useFairness, import.meta.hot))
