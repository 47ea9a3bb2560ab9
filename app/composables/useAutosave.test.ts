import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { RequestProblem } from '../api/request'
import { useAutosave } from './useAutosave'

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

const problem = (status: number, message: string) =>
  new RequestProblem({ code: 'invalid', message, fields: [{ path: 'name', message }] }, status)

/** A page with a name on it, and what the server was sent of it. */
function aPage(answer: (name: string) => Promise<unknown> = () => Promise.resolve()) {
  const sent: string[] = []
  const save = vi.fn(({ name }: { name: string }) => {
    sent.push(name)
    return answer(name)
  })
  const page = effectScope().run(() => useAutosave(save))!
  page.take({ name: 'Heron' })
  const type = (name: string) => (page.value.value = { name })
  return { page, sent, type }
}

it('saves nothing of what it was given, and what is typed once, a moment after the last key', async () => {
  const { page, sent, type } = aPage()
  await vi.advanceTimersByTimeAsync(5000)
  expect([sent, page.state.value]).toEqual([[], 'saved'])
  type('K')
  await vi.advanceTimersByTimeAsync(300)
  type('Kestrel')
  expect(page.state.value).toBe('waiting')
  await vi.advanceTimersByTimeAsync(1000)
  expect([sent, page.state.value]).toEqual([['Kestrel'], 'saved'])
})

it('leaves alone what is typed while a save is on its way, and saves that next', async () => {
  const { page, sent, type } = aPage(() => new Promise((done) => setTimeout(done, 2000)))
  type('K')
  await vi.advanceTimersByTimeAsync(1000)
  type('Kestrel ')
  await vi.advanceTimersByTimeAsync(1700)
  expect([page.value.value, page.state.value]).toEqual([{ name: 'Kestrel ' }, 'waiting'])
  await vi.advanceTimersByTimeAsync(5000)
  expect([sent, page.state.value]).toEqual([['K', 'Kestrel '], 'saved'])
})

it('keeps on the page what is refused, says why, and asks again only once it was changed', async () => {
  const { page, sent, type } = aPage((name) =>
    name === '' ? Promise.reject(problem(422, 'Give it a name.')) : Promise.resolve(),
  )
  type('')
  await vi.advanceTimersByTimeAsync(20_000)
  expect([sent, page.state.value, page.problem.value]).toEqual([[''], 'refused', 'Give it a name.'])
  expect(page.fields.value).toEqual([{ path: 'name', message: 'Give it a name.' }])
  expect(await page.saveNow()).toBe(false)
  type('Kite')
  expect([page.state.value, page.problem.value, page.fields.value]).toEqual(['waiting', null, []])
  expect(await page.saveNow()).toBe(true)
})

it('sends what the server failed at until it has it', async () => {
  let answers = false
  const { page, sent, type } = aPage(() =>
    answers ? Promise.resolve() : Promise.reject(problem(0, 'No answer.')),
  )
  type('Kite')
  await vi.advanceTimersByTimeAsync(5000)
  expect([page.state.value, page.problem.value]).toEqual(['refused', 'No answer.'])
  answers = true
  await vi.advanceTimersByTimeAsync(4000)
  expect([page.state.value, new Set(sent)]).toEqual(['saved', new Set(['Kite'])])
})

it('undone before it is saved, there is nothing to save', async () => {
  const { page, sent, type } = aPage()
  type('K')
  type('Heron')
  await vi.advanceTimersByTimeAsync(5000)
  expect([sent, page.state.value]).toEqual([[], 'saved'])
})
