import { spawn, type ChildProcess } from 'node:child_process'
import { itemAt } from '#core/defined'

/** A program that fails again and again waits longer and longer for its next start, in ms. */
const waits = [1000, 5000, 30_000, 300_000]
/** A program that ran this long, in ms, had not failed at its start. */
const ranWell = 10 * 60_000

/**
 * Runs a program and starts it again whenever it ends, until it is stopped. Each of its lines is shown with a name in front.
 * @param environment what it is started with, anew for each start
 * @returns a function that stops it and waits until it is gone
 */
export function keepRunning(
  name: string,
  [program, ...parts]: [string, ...string[]],
  environment: () => Promise<NodeJS.ProcessEnv>,
): () => Promise<void> {
  let child: ChildProcess | undefined
  let stopping = false
  let wake = () => {}
  const show = (part: Buffer) => process.stdout.write(part.toString().replace(/^(?=.)/gm, `${name}: `))

  async function run() {
    let failures = 0
    while (!stopping) {
      const began = Date.now()
      const started = spawn(program, parts, { env: await environment(), stdio: ['ignore', 'pipe', 'pipe'] })
      child = started
      started.stdout.on('data', show)
      started.stderr.on('data', show)
      await new Promise((gone) => started.once('close', gone).once('error', gone))
      if (stopping) return
      failures = Date.now() - began > ranWell ? 0 : failures + 1
      const wait = itemAt(waits, Math.min(failures, waits.length - 1))
      console.error(`${name}: stopped; we’re starting it again in ${wait / 1000} s.`)
      await new Promise<void>((next) => {
        const timer = setTimeout(next, wait)
        wake = () => (clearTimeout(timer), next())
      })
    }
  }

  const running = run()
  return async () => {
    stopping = true
    child?.kill('SIGTERM')
    wake()
    await running
  }
}
