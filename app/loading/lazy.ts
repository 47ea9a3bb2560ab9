import {
  computed,
  defineAsyncComponent,
  ref,
  shallowRef,
  type AsyncComponentLoader,
  type Component,
  type ShallowRef,
} from 'vue'
import { waitUntilIdle } from './idle'

/** Milliseconds before a failed load is retried; doubled each time, up to the longest. */
const retryDelay = { first: 500, longest: 15_000 }
/** Milliseconds that the server has to answer a check. */
const answerTimeout = 5000
/** Milliseconds after an answer during which the server counts as reachable. */
const reachableFor = 2000

const notLoaded = new Set<() => Promise<unknown>>()
let preloading = false
const failed = ref(0)
const outstanding = ref(0)
// The page itself has just been delivered.
let answeredAt = Date.now()

/** A lazily loaded part of the application: calling it loads it; `loaded` is null until then. */
export interface Lazy<T> {
  (): Promise<T>
  loaded: ShallowRef<T | null>
}

/**
 * Returns a part that the first screen can do without. It is loaded on demand, or once the first screen is idle, so that a tablet that
 * loses the connection has it.
 * @param load loads it; retried until it succeeds
 */
export function lazy<T>(load: () => Promise<T>): Lazy<T> {
  const loaded = shallowRef<T | null>(null)
  let loading: Promise<T> | null = null
  outstanding.value++
  const start = async () => {
    loaded.value = await loadWithRetry(load)
    outstanding.value--
    return loaded.value
  }
  const part = Object.assign(
    () => {
      notLoaded.delete(part)
      return (loading ??= start())
    },
    { loaded },
  )
  notLoaded.add(part)
  if (preloading) void preloadRemaining()
  return part
}

/** Returns a component that the first screen can do without. */
export const lazyComponent = <T extends Component>(load: AsyncComponentLoader<T>): T =>
  defineAsyncComponent<T>(lazy(load))

/** Whether parts fail to load although the server answers: it was updated since, or the browser has cached a failure. */
export const partsFailed = computed(() => failed.value > 0)

/** Whether everything that the pages opened so far may need is loaded, so that nothing is missing offline. */
export const allPartsLoaded = computed(() => outstanding.value === 0)

/** Loads all remaining parts once the screen is idle; to be called after the application is mounted. */
export async function preloadRemaining(): Promise<void> {
  preloading = true
  await waitUntilIdle()
  // One after another, so that a reading sent meanwhile needn't queue behind them.
  for (const load of notLoaded) await load()
}

/** Loads only while the server answers: browsers don't retry a failed import until the page is reloaded. */
async function loadWithRetry<T>(load: () => Promise<T>): Promise<T> {
  let hasFailed = false
  for (let delay = retryDelay.first; ; delay = Math.min(2 * delay, retryDelay.longest)) {
    if (await isServerReachable())
      try {
        const part = await load()
        if (hasFailed) failed.value--
        return part
      } catch {
        // The browser logs the error itself.
        if (!hasFailed && (await isServerReachable(true))) {
          hasFailed = true
          failed.value++
        }
      }
    await new Promise((resolve) => setTimeout(resolve, delay))
  }
}

async function isServerReachable(checkNow = false): Promise<boolean> {
  if (globalThis.navigator?.onLine === false) return false
  if (!checkNow && Date.now() - answeredAt < reachableFor) return true
  const answers = await fetch('/api/time', { signal: AbortSignal.timeout(answerTimeout) }).then(
    ({ ok }) => ok,
    () => false,
  )
  if (answers) answeredAt = Date.now()
  return answers
}
