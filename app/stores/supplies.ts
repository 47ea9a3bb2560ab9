import { acceptHMRUpdate, defineStore } from 'pinia'
import { ref } from 'vue'
import type { Supply } from '#core/kit'
import { request } from '../api/request'

/** The school's store cupboard of materials. */
export const useSupplies = defineStore('supplies', () => {
  const all = ref<Supply[]>([])
  const loaded = ref(false)

  async function load() {
    all.value = await request('GET', '/api/school/supplies')
    loaded.value = true
  }

  async function save(supply: Supply) {
    await request('PUT', '/api/school/supplies/:id', { params: { id: supply.id }, body: supply })
    all.value = all.value.some((one) => one.id === supply.id)
      ? all.value.map((one) => (one.id === supply.id ? supply : one))
      : [...all.value, supply]
  }

  async function remove(id: string) {
    await request('DELETE', '/api/school/supplies/:id', { params: { id } })
    all.value = all.value.filter((one) => one.id !== id)
  }

  const preview = (csv: string) => request('POST', '/api/school/supplies/preview', { body: { csv } })

  async function take(csv: string) {
    all.value = await request('POST', '/api/school/supplies', { body: { csv } })
  }

  return { all, loaded, load, save, remove, preview, take }
})

if (import.meta.hot) import.meta.hot.accept(acceptHMRUpdate(useSupplies, import.meta.hot))
