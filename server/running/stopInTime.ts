import { exitWith } from './exitWith'

const atMost = 4000

/** Stops as asked, and ends within five seconds whatever hangs. */
export function stopInTime(stop: () => Promise<void>): void {
  for (const signal of ['SIGTERM', 'SIGINT'] as const)
    process.once(signal, () => {
      setTimeout(
        () => exitWith('Something did not stop in time. Nothing that was shown as saved is lost.'),
        atMost,
      )
      stop().then(
        () => process.exit(0),
        (error: unknown) => exitWith(error instanceof Error ? error.message : String(error)),
      )
    })
}
