import { acceptHMRUpdate, defineStore } from 'pinia'
import { computed } from 'vue'
import { kitMaterials } from '#core/kit'
import { cautionsFor, matchPlan } from '#core/safety'
import { useLesson } from './lesson'

/** The usual cautions for what the open lesson's plan brings, without anything of the class's own. */
export const useCautions = defineStore('cautions', () => {
  const lesson = useLesson()
  const cautions = computed(() => {
    const age = lesson.open.class.ageBand
    return cautionsFor(matchPlan(lesson.plan, kitMaterials(lesson.plan), age).sources, age)
  })
  return { cautions }
})

if (import.meta.hot) import.meta.hot.accept(acceptHMRUpdate(useCautions, import.meta.hot))
