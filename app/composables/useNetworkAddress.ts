import { computed } from 'vue'
import { useAccess } from '../stores/access'

/** Where tablets find this school: as this screen does, or by a name of the machine's own where this screen is on it. */
export function useNetworkAddress() {
  const access = useAccess()
  const { protocol, host, hostname, port } = window.location
  const isHere = ['localhost', '127.0.0.1', '[::1]'].includes(hostname)
  const names = computed(() => access.data?.names ?? [])
  const reached = computed(() => {
    const [name] = names.value
    return isHere && name !== undefined ? `${name}${port && `:${port}`}` : host
  })
  /** Whether no tablet can come: the machine answers itself only. */
  const onlyHere = computed(() => isHere && access.data !== null && names.value.length === 0)
  const origin = computed(() => `${protocol}//${reached.value}`)
  return { reached, origin, onlyHere }
}
