import { acceptHMRUpdate, defineStore } from 'pinia'
import { shallowRef } from 'vue'
import type { WeekDto } from '#shared/types/api'
import { request } from '../api/request'

/** The lessons to come with what each still needs. */
export const useWeek = defineStore('week', () => {
  const data = shallowRef<WeekDto | null>(null)

  async function load(from: string) {
    data.value = await request('GET', '/api/week/:day', { params: { day: from } })
  }

  return { data, load }
})

if (import.meta.hot) import.meta.hot.accept(acceptHMRUpdate(useWeek, import.meta.hot))
