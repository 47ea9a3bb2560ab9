import { expect } from 'vitest'
import { openPage } from '../support/browser'
import { inOwnSchool } from '../support/inSchool'

const it = inOwnSchool('empty')

it('every page carries a strict content policy and keeps to it', async ({ school, browser }) => {
  const { headers } = await fetch(school.url)
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
  const { page, watch } = await openPage(browser, school.url)
  await page.goto(school.url)
  await page.getByRole('link', { name: 'Make a class' }).waitFor()
  await page.evaluate(() => {
    const script = document.createElement('script')
    script.textContent = 'window.smuggled = true'
    document.body.append(script)
  })
  expect(await page.evaluate(() => 'smuggled' in window)).toBe(false)
  expect(watch.errors).toEqual([expect.stringContaining('Content Security Policy')])
  await page.context().close()
})
