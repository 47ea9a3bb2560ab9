import { ref, shallowRef } from 'vue'
import { RequestProblem } from '~/api/request'
import { retryWithBackoff } from './retryWithBackoff'

/** Where a queue keeps its items in this browser; some stores answer later. */
interface ItemStore<Item> {
  all: () => Item[] | Promise<Item[]>
  /** @returns `false` where this browser keeps nothing */
  put: (item: Item) => boolean | Promise<unknown>
  remove: (item: Item) => void | Promise<unknown>
}

/** An item that the server would not take, with its words why. */
export type Refused<Item> = Item & { message: string }

interface QueueOptions<Item> {
  waiting: ItemStore<Item>
  /** Where refused items stay until somebody has decided; without it they are dropped, and `refused` says so. */
  refusedStore?: ItemStore<Item>
  /** What an item is about: a later one with the same key takes its place. */
  keyOf: (item: Item) => string
  lessonOf: (item: Item) => string
  inOrder: (a: Item, b: Item) => number
  /** How many of one lesson are sent together. */
  atOnce?: number
  /** Sends items of one lesson; doing so twice is harmless. */
  send: (lessonId: string, items: Item[]) => Promise<unknown>
  /** Called with what the server has taken. */
  taken?: (lessonId: string, items: Item[]) => void
  /** Called with what it has refused. */
  refused?: (item: Refused<Item>, error: RequestProblem) => void
  /** Whether an error says that nothing is left to do. */
  isDone?: (item: Item, error: RequestProblem) => boolean
  /** Whether an item is still the one to send, where another tab may have sent it or put a newer one in its place. */
  isCurrent?: (item: Item) => boolean
}

const retryHeldAfter = 5000
/** A server that failed at so many fails at all: the rest is not tried now. */
const failsAtAll = 3

/**
 * What this device sends, kept in the browser until the server has it or refuses it, so that a lost connection, a server in trouble or a
 * closed lid loses nothing. Items go one lesson after another, each once, and again by themselves after a while; one that the server
 * refuses or fails at holds up no other, and a lesson that waits for somebody holds up no other lesson.
 */
export function sendingQueue<Item extends object>(options: QueueOptions<Item>) {
  const { waiting: store, refusedStore, keyOf, lessonOf, inOrder, atOnce = 1 } = options
  const waiting = shallowRef<Item[]>([])
  const refused = shallowRef<Refused<Item>[]>([])
  /** Whether what waits does not get through: no answer comes, or the server fails at it. */
  const offline = ref(false)
  /** Lessons whose items wait for somebody, and what they wait for. */
  const held = ref<ReadonlySet<string>>(new Set())
  const heldBecause = ref('')
  /** Items that this browser keeps nowhere else. */
  const onPageOnly = new WeakSet<Item>()
  let isOpen = false
  const opening = whenRead(store.all(), (kept) => {
    waiting.value = kept.sort(inOrder)
    isOpen = true
  })
  const openingRefused =
    refusedStore &&
    whenRead(
      refusedStore.all(),
      (kept) => (refused.value = kept.sort(inOrder).map((one) => ({ message: '', ...one }))),
    )
  let busy = false
  let asking: ReturnType<typeof setTimeout> | undefined
  const retry = retryWithBackoff(() => void flush())

  const isSendable = (item: Item) => !held.value.has(lessonOf(item))
  const others = (all: readonly Item[], item: Item) => all.filter((one) => keyOf(one) !== keyOf(item))

  /** Keeps items in this browser and begins to send; comes back when they are kept. */
  async function put(...items: Item[]): Promise<void> {
    await keep(items)
    void flush()
  }

  /** Keeps items in this browser and sends them; comes back when everything was tried once. */
  async function add(...items: Item[]): Promise<void> {
    const keeping = keep(items)
    if (keeping) await keeping
    await flush()
  }

  function keep(items: Item[]): Promise<unknown> | null {
    if (opening && !isOpen) return opening.then(() => keep(items))
    const kept = items.map((item) => {
      const result = store.put(item)
      if (result === false) onPageOnly.add(item)
      waiting.value = [...others(waiting.value, item), item]
      return result
    })
    return kept.some((one) => typeof one !== 'boolean') ? Promise.all(kept) : null
  }

  /** Tries everything once. */
  async function flush(): Promise<void> {
    if (opening) await opening
    if (openingRefused) await openingRefused
    if (busy) return
    busy = true
    held.value = new Set()
    const tried = new Set<Item>()
    const untried = () => waiting.value.filter((one) => !tried.has(one) && isSendable(one))
    try {
      for (let next = untried(); next[0]; next = untried()) {
        const lessonId = lessonOf(next[0])
        const batch = next.filter((one) => lessonOf(one) === lessonId).slice(0, atOnce)
        for (const one of batch) tried.add(one)
        await deliver(lessonId, batch)
      }
      offline.value = waiting.value.some(isSendable)
    } catch (error) {
      if (!(error instanceof RequestProblem)) console.error('Sending stopped:', error)
      offline.value = true
    } finally {
      busy = false
    }
    if (waiting.value.some(isSendable)) retry.again()
    else retry.well()
    // What waits for somebody is asked for now and then, whether or not anybody says that it may come.
    clearTimeout(asking)
    if (held.value.size > 0) asking = setTimeout(() => void flush(), retryHeldAfter)
  }

  /**
   * Sends items together; where one of them can't be taken, each by itself.
   * @returns how many the server failed at
   * @throws RequestProblem where no answer comes, so that nothing else will get through either
   */
  async function deliver(lessonId: string, batch: Item[]): Promise<number> {
    const current = batch.filter((one) => onPageOnly.has(one) || !options.isCurrent || options.isCurrent(one))
    const outdated = new Set(batch.filter((one) => !current.includes(one)))
    // Another tab keeps what is newer: only this page forgets.
    if (outdated.size > 0) waiting.value = waiting.value.filter((one) => !outdated.has(one))
    const [first, ...more] = current
    if (!first) return 0
    try {
      await options.send(lessonId, current)
      options.taken?.(lessonId, current)
      await leave(current)
      return 0
    } catch (error) {
      if (!(error instanceof RequestProblem) || error.offline) throw error
      if (error.problem.code === 'waits') {
        held.value = new Set([...held.value, lessonId])
        heldBecause.value = error.message
        return 0
      }
      if (more.length > 0) {
        let failed = 0
        for (const one of current) if (failed < failsAtAll) failed += await deliver(lessonId, [one])
        return failed
      }
      // One that somebody may not send, as of another group, says nothing of the others.
      if (error.passes) return error.status === 403 ? 0 : 1
      await refuse(first, error)
      return 0
    }
  }

  /** What the server will never take as it is stays here, with the reason, until somebody has decided. */
  async function refuse(item: Item, error: RequestProblem): Promise<void> {
    // A newer one took its place meanwhile.
    if (!waiting.value.includes(item)) return
    if (options.isDone?.(item, error)) return leave([item])
    const kept = { ...item, message: error.message }
    if (refusedStore) {
      await refusedStore.put(kept)
      refused.value = [...(others(refused.value, item) as Refused<Item>[]), kept]
    }
    await leave([item])
    options.refused?.(kept, error)
  }

  /** Takes items out of the queue; what was changed once more while it was on its way stays. */
  async function leave(items: Item[]): Promise<void> {
    const gone = new Set(items.filter((one) => waiting.value.includes(one)))
    waiting.value = waiting.value.filter((one) => !gone.has(one))
    for (const one of gone) {
      const removing = store.remove(one)
      if (removing) await removing
    }
  }

  /** Forgets what was refused. */
  async function dismiss(item: Refused<Item>): Promise<void> {
    refused.value = refused.value.filter((one) => keyOf(one) !== keyOf(item))
    await refusedStore?.remove(item)
  }

  return { waiting, refused, offline, held, heldBecause, put, add, flush, dismiss }
}

/** Takes what a store holds now, or once it has answered. */
function whenRead<Item>(kept: Item[] | Promise<Item[]>, take: (kept: Item[]) => void): Promise<void> | null {
  if (kept instanceof Promise) return kept.then(take)
  take(kept)
  return null
}
