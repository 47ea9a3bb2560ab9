import { onDoorNeeded, type DoorNeeded } from '../api/request'

/** Pages that somebody is sent to, and sent away from by nothing. */
const doors = ['/start', '/sign-in', '/join', '/open']

/** Sends whoever has not come in yet to the door that suits the page: a Sheet joins, a Desk signs in. */
export default defineNuxtPlugin(() => {
  const router = useRouter()
  onDoorNeeded((needed) => {
    const { path, fullPath } = router.currentRoute.value
    if (!doors.includes(path)) void router.replace(doorOf(needed, path, fullPath))
  })
})

function doorOf(needed: DoorNeeded, path: string, fullPath: string) {
  if (needed === 'set-up') return { path: '/start' }
  if (path.startsWith('/sheet/')) return { path: '/join', query: { left: 'yes' } }
  return { path: '/sign-in', query: { to: fullPath } }
}
