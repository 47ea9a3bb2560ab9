import { defineStore } from 'pinia'
import { computed } from 'vue'
import { weighLesson } from '#core/recording'
import { useLesson } from './lesson'

/** What the entries of the open lesson say: apart from the lesson, because a Sheet that records needs none of it. */
export const useResults = defineStore('results', () => {
  const lesson = useLesson()
  const evidence = computed(() =>
    weighLesson(
      lesson.plan,
      lesson.counted,
      lesson.groups.map((group) => group.id),
    ),
  )
  return { evidence }
})
