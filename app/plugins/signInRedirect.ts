import { onSignInNeeded, type SignInNeed } from '../api/request'

/** Where somebody is sent, and from where nobody is sent on. */
const entrances = ['/start', '/sign-in', '/join', '/open']

/** Sends whoever has not come in yet to the page for that: a Sheet joins, a Desk signs in. */
export default defineNuxtPlugin(() => {
  const router = useRouter()
  onSignInNeeded((needed) => {
    const { path, fullPath } = router.currentRoute.value
    if (!entrances.includes(path)) void router.replace(entranceFor(needed, path, fullPath))
  })
})

function entranceFor(needed: SignInNeed, path: string, fullPath: string) {
  if (needed === 'set-up') return { path: '/start' }
  if (path.startsWith('/sheet/')) return { path: '/join', query: { left: 'yes' } }
  return { path: '/sign-in', query: { to: fullPath } }
}
