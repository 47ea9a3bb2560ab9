import {
  computed,
  defineAsyncComponent,
  ref,
  shallowRef,
  type AsyncComponentLoader,
  type Component,
  type ShallowRef,
} from 'vue'
import { whenQuiet } from './idle'

/** Milliseconds until a part that could not be fetched is asked for again; doubled each time up to the longest. */
const again = { first: 500, longest: 15_000 }

/** Milliseconds that an answer may take. */
const patience = 5000
/** Milliseconds for which the server is taken to be there, since it has just answered. */
const answersFor = 2000

const notFetched = new Set<() => Promise<unknown>>()
/** Whether what comes later is fetched without being asked for. */
let fetching = false
const missing = ref(0)
/** How many parts have not come yet. */
const toCome = ref(0)
// The page itself has just come from there.
let answeredAt = Date.now()

/** A part of the application that comes later: called, it is fetched; `there` is null until it has come. */
export interface Later<T> {
  (): Promise<T>
  there: ShallowRef<T | null>
}

/**
 * A part of the application that a first screen can do without. It is fetched when it is asked for, and at the latest once the
 * first screen is quiet, so that a tablet that loses the connection has it.
 * @param load fetches it; asked again until it answers
 */
export function later<T>(load: () => Promise<T>): Later<T> {
  const there = shallowRef<T | null>(null)
  let loading: Promise<T> | null = null
  toCome.value++
  const fetched = async () => {
    there.value = await untilThere(load)
    toCome.value--
    return there.value
  }
  const once = Object.assign(
    () => {
      notFetched.delete(once)
      return (loading ??= fetched())
    },
    { there },
  )
  notFetched.add(once)
  if (fetching) void fetchTheRest()
  return once
}

/** A component that a first screen can do without. */
export const laterComponent = <T extends Component>(load: AsyncComponentLoader<T>): T =>
  defineAsyncComponent<T>(later(load))

/** Whether parts cannot be had though the server answers: the program was renewed since, or a browser remembers that one failed. */
export const partsMissing = computed(() => missing.value > 0)

/** Whether everything is there that the pages opened so far can need: from then on a lost connection takes nothing away. */
export const allPartsThere = computed(() => toCome.value === 0)

/** Fetches, once the screen is quiet, whatever else the opened pages use; to be called when the application stands. */
export async function fetchTheRest(): Promise<void> {
  fetching = true
  await whenQuiet()
  // One after another, so that a reading that is sent meanwhile does not stand behind them all.
  for (const once of notFetched) await once()
}

/** Asks for a part only while the server answers: browsers give what failed once no second try until the page is loaded anew. */
async function untilThere<T>(load: () => Promise<T>): Promise<T> {
  let failed = false
  for (let after = again.first; ; after = Math.min(2 * after, again.longest)) {
    if (await serverAnswers())
      try {
        const there = await load()
        if (failed) missing.value--
        return there
      } catch {
        // The browser says so by itself.
        if (!failed && (await serverAnswers(true))) {
          failed = true
          missing.value++
        }
      }
    await new Promise((next) => setTimeout(next, after))
  }
}

async function serverAnswers(now = false): Promise<boolean> {
  if (globalThis.navigator?.onLine === false) return false
  if (!now && Date.now() - answeredAt < answersFor) return true
  const answers = await fetch('/api/time', { signal: AbortSignal.timeout(patience) }).then(
    ({ ok }) => ok,
    () => false,
  )
  if (answers) answeredAt = Date.now()
  return answers
}
