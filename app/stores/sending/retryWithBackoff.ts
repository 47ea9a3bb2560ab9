const first = 2000
const most = 30_000

/** Tries something again by itself, after a longer while each time, until it is told that all is well. */
export function retryWithBackoff(act: () => void) {
  let wait = first
  let timer: ReturnType<typeof setTimeout> | undefined
  return {
    again(): void {
      clearTimeout(timer)
      timer = setTimeout(act, wait)
      wait = Math.min(wait * 2, most)
    },
    well(): void {
      wait = first
    },
  }
}
