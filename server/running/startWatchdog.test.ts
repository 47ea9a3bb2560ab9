import { spawn } from 'node:child_process'
import { once } from 'node:events'
import { expect, it } from 'vitest'

/** Runs a program under a watchdog; gives back how it ended and what it said. */
async function endOf(what: 'hangs' | 'waits') {
  const child = spawn(process.execPath, ['--import', 'tsx', 'server/testing/watched.ts', what], {
    stdio: ['ignore', 'inherit', 'pipe'],
    // A watchdog that sleeps leaves a program that hangs for ever.
    timeout: 240_000,
    killSignal: 'SIGTERM',
  })
  let said = ''
  child.stderr.on('data', (part: Buffer) => (said += part.toString()))
  const [code, signal] = (await once(child, 'exit')) as [number | null, string | null]
  return { code, signal, said }
}

it('a program that stands still is ended, and says so', async () => {
  const end = await endOf('hangs')
  expect(end).toMatchObject({ code: null, signal: 'SIGKILL' })
  expect(end.said).toContain('hasn’t answered for 1 seconds, so it ends. Nothing that was shown as saved')
})

it('one that waits, however long, is left alone', async () => {
  expect(await endOf('waits')).toMatchObject({ code: 7, signal: null })
})
