import type { Browser } from 'playwright-core'
import { afterAll, beforeAll, expect, it } from 'vitest'
import { startServer, type RunningServer } from '../scripts/runServer'
import { openBrowser, openPage } from './support/browser'
import { dataFolder } from './support/dataFolder'

let server: RunningServer
let browser: Browser
beforeAll(async () => {
  server = await startServer(dataFolder('empty'))
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
