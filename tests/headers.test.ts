import type { Browser } from 'playwright-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { spawnSync } from 'node:child_process'
import { renameSync, rmSync } from 'node:fs'
import { dataFolder, startServer, type RunningServer } from '../scripts/runServer'
import { openBrowser, openPage } from './support/browser'

let server: RunningServer
let browser: Browser
beforeAll(async () => {
  server = await startServer(await dataFolder())
  browser = await openBrowser()
})
afterAll(async () => {
  await browser.close()
  await server.stop()
  server.forget()
})

it('every page carries a strict content policy and keeps to it', async () => {
  const { headers } = await fetch(server.url)
  const policy = Object.fromEntries(
    headers
      .get('content-security-policy')!
      .split(';')
      .map((part) => part.trim().split(/ (.*)/s).slice(0, 2) as [string, string]),
  )
  expect(policy['default-src']).toBe("'self'")
  expect(policy['script-src']).toMatch(/^'self' 'nonce-[\w+/=]+'$/)
  expect(policy['connect-src']).toBe("'self'")
  expect(policy['frame-ancestors']).toBe("'none'")
  expect(headers.get('x-content-type-options')).toBe('nosniff')
  expect(headers.get('referrer-policy')).toBe('no-referrer')
  const { page, watch } = await openPage(browser, server.url)
  await page.goto(server.url)
  await page.getByRole('link', { name: 'Make a class' }).waitFor()
  await page.evaluate(() => {
    const script = document.createElement('script')
    script.textContent = 'window.smuggled = true'
    document.body.append(script)
  })
  expect(await page.evaluate(() => 'smuggled' in window)).toBe(false)
  expect(watch.errors.filter((error) => !error.includes('Content Security Policy'))).toEqual([])
})

/** Starts a second server on the same folder and gives back how it ended. */
function secondServer() {
  return spawnSync(process.execPath, ['.output/server/index.mjs'], {
    env: { ...process.env, JOLLY_DATA: server.folder, JOLLY_PORT: '0', DATABASE_URL: '' },
    encoding: 'utf8',
    timeout: 30_000,
  })
}

it('a second server on the same folder refuses to start and says why', () => {
  const second = secondServer()
  expect(second.status).toBe(1)
  expect(second.stderr).toMatch(/is in use by another Jolly Beaker.*set JOLLY_DATA/)
})

it('the folder stays taken while its server is stalled or asleep, however long, and that server goes on afterwards', async () => {
  server.process.kill('SIGSTOP')
  // Longer than any lock that lives by a clock would have waited.
  await new Promise((next) => setTimeout(next, 6500))
  const second = secondServer()
  server.process.kill('SIGCONT')
  expect(second.status).toBe(1)
  expect(second.stderr).toMatch(/is in use by another/)
  expect((await fetch(`${server.url}/api/health`)).status).toBe(200)
})

it('the folder of a killed server is free at once, and one that was replaced ends its server', async () => {
  const folder = await dataFolder()
  const killed = await startServer(folder)
  await killed.stop('SIGKILL')
  const next = await startServer(folder)
  expect((await fetch(`${next.url}/api/health`)).status).toBe(200)
  const ended = new Promise((done) => next.process.once('exit', done))
  renameSync(folder, `${folder}-moved`)
  expect(await ended).toBe(1)
  expect(next.output()).toMatch(/moved or replaced/)
  rmSync(`${folder}-moved`, { recursive: true, force: true })
})
