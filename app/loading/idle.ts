/** Milliseconds after which a busy browser is taken for quiet all the same. */
const patience = 3000
/** Milliseconds that stand for a moment of rest where the browser does not tell of one. */
const moment = 50

let underway = 0
const waiting: (() => void)[] = []

/** Says that something the screen waits for is on its way, until the promise is settled. */
export async function underWay<T>(coming: Promise<T>): Promise<T> {
  underway++
  try {
    return await coming
  } finally {
    underway--
    if (underway === 0) for (const go of waiting.splice(0)) go()
  }
}

/** Waits until nothing that a screen has asked for is on its way, and the browser has drawn what came. */
export async function whenQuiet(): Promise<void> {
  await rest()
  while (underway > 0) {
    await new Promise<void>((go) => waiting.push(go))
    await rest()
  }
}

function rest(): Promise<void> {
  return new Promise((go) => {
    if (typeof requestIdleCallback === 'function') requestIdleCallback(() => go(), { timeout: patience })
    else setTimeout(go, moment)
  })
}
