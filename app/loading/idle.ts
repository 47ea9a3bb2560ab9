/** Milliseconds after which a busy browser counts as idle. */
const idleTimeout = 3000
/** Milliseconds to pause where the browser has no idle callbacks. */
const pause = 50

let pending = 0
const waiters: (() => void)[] = []

/** Returns the promise, which counts as pending until it settles. */
export async function trackPending<T>(promise: Promise<T>): Promise<T> {
  pending++
  try {
    return await promise
  } finally {
    pending--
    if (pending === 0) for (const resolve of waiters.splice(0)) resolve()
  }
}

/** Resolves once nothing that a screen has asked for is pending and the browser has drawn what arrived. */
export async function waitUntilIdle(): Promise<void> {
  await idleCallback()
  while (pending > 0) {
    await new Promise<void>((resolve) => waiters.push(resolve))
    await idleCallback()
  }
}

function idleCallback(): Promise<void> {
  return new Promise((resolve) => {
    if (typeof requestIdleCallback === 'function')
      requestIdleCallback(() => resolve(), { timeout: idleTimeout })
    else setTimeout(resolve, pause)
  })
}
