import { acceptHMRUpdate, defineStore } from 'pinia'
import { computed, shallowRef } from 'vue'
import type { AccessDto } from '#shared/types/people'
import { request } from '../api/request'

/** How people come in to this school, and who is looking at this screen. */
export const useAccess = defineStore('access', () => {
  const data = shallowRef<AccessDto | null>(null)
  const visitor = computed(() => data.value?.visitor ?? null)
  /** The teacher who is signed in; null where nobody signs in, and on screens of a lesson. */
  const teacher = computed(() =>
    visitor.value?.kind === 'teacher' && visitor.value.id !== null ? visitor.value : null,
  )
  const isAdmin = computed(() => visitor.value?.kind === 'teacher' && visitor.value.role === 'admin')

  async function load(): Promise<AccessDto> {
    return (data.value = await request('GET', '/api/access'))
  }

  /** Signs out, and shows nothing of the school any more. */
  async function signOut(): Promise<void> {
    await request('DELETE', '/api/session')
    // What is in memory goes with the page.
    window.location.assign('/sign-in')
  }

  return { data, visitor, teacher, isAdmin, load, signOut }
})

if (import.meta.hot) import.meta.hot.accept(acceptHMRUpdate(useAccess, import.meta.hot))
