import { expect } from 'vitest'
import { openPage } from '../support/browser'
import { inDemoSchool } from '../support/inSchool'
import { stallingProxy } from '../support/stallingProxy'

const it = inDemoSchool.extend('proxy', async ({ school }, { onCleanup }) => {
  const proxy = await stallingProxy(school.url)
  onCleanup(() => proxy.stop())
  return proxy
})

it('a Board whose stream died without closing says so, and shows what came meanwhile', async ({
  school,
  browser,
  proxy,
}) => {
  const id = await school.begin('ball-bounce')
  await school.confirmCautions(id)
  await school.read(id, 0, 0, 13)
  const { page: board, watch } = await openPage(browser, proxy.url)
  // What stands there for a moment only is kept, so that a slow machine cannot miss it.
  await board.addInitScript(() => {
    const said = ((window as unknown as { said: string[] }).said = [])
    new MutationObserver(() => {
      if (document.documentElement.textContent.includes('onnecting again')) (said as string[]).push('again')
    }).observe(document, { subtree: true, childList: true, characterData: true })
  })
  await board.goto(`${proxy.url}/board/${id}`)
  await board.getByText('1 of 72 tries are in.').waitFor()
  await expect.poll(() => proxy.stall()).toBe(1)
  await school.read(id, 0, 1, 14)
  await board.getByText('2 of 72 tries are in.').waitFor()
  expect(await board.evaluate(() => (window as unknown as { said: string[] }).said)).toContain('again')
  await board.context().close()
  expect(watch).toEqual({ foreign: [], errors: [] })
})
