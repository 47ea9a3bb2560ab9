import { spawn } from 'node:child_process'

/** A program that hangs again and again is not started for ever. */
const mostStarts = 5
const within = 10 * 60 * 1000

/**
 * Runs a program until it ends or this one is stopped; ends as it does. One that was ended from outside, as a program that hangs is by its
 * watchdog, is started again.
 */
export function runUntilStopped(command: string, parts: string[]): void {
  const starts: number[] = []
  let stopping = false
  let child = start()

  function start() {
    starts.push(Date.now())
    const started = spawn(command, parts, { stdio: 'inherit' })
    started.on('exit', (code, signal) => {
      const lately = starts.filter((at) => Date.now() - at < within).length
      if (stopping) process.exit(code ?? 0)
      if (signal !== 'SIGKILL' || lately >= mostStarts) process.exit(code ?? 1)
      console.error('Jolly Beaker stopped unexpectedly. We’re starting it again.')
      child = start()
    })
    return started
  }

  for (const signal of ['SIGINT', 'SIGTERM'] as const)
    process.on(signal, () => {
      stopping = true
      child.kill(signal)
    })
}
