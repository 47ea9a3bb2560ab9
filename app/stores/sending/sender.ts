import { ref } from 'vue'
import { retryWithBackoff } from './retryWithBackoff'

interface Sending<Kept> {
  /** What may be sent now, in the order in which it is. */
  waiting: () => readonly Kept[]
  /**
   * Sends one, and perhaps others with it; what is through or refused waits no longer then. Gives back all that it has tried.
   * @throws where no answer comes, so that nothing else will get through either
   */
  deliver: (next: Kept) => Promise<readonly Kept[]>
  /** Called before and after everything has been tried once. */
  begins?: () => void
  ended?: () => void
}

/**
 * Sends what waits on this device until the server has it: one thing after another, each tried once, then again by itself after a while
 * where something still waits. What the server fails at holds up no other.
 */
export function sender<Kept>({ waiting, deliver, begins, ended }: Sending<Kept>) {
  /** Whether what waits does not get through: no answer comes, or the server fails at it. */
  const offline = ref(false)
  let busy = false
  const retry = retryWithBackoff(() => void flush())

  async function flush(): Promise<void> {
    if (busy) return
    busy = true
    begins?.()
    const tried = new Set<Kept>()
    const untried = () => waiting().find((one) => !tried.has(one))
    try {
      for (let next = untried(); next; next = untried()) for (const one of await deliver(next)) tried.add(one)
      offline.value = waiting().length > 0
    } catch {
      offline.value = true
    } finally {
      busy = false
    }
    if (waiting().length === 0) retry.well()
    else retry.again()
    ended?.()
  }

  return { offline, flush }
}
