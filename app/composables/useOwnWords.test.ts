import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, ref } from 'vue'
import { parseTexts } from '#core/ownWords'
import { parseWords } from '#core/ownWords/grammar'
import { useLesson } from '~/stores/lesson'
import { fakeServer, lessonDto } from '~/testing/fakeServer'
import { entry } from '../../core/testing/exampleEntries'
import { examplePlan } from '../../core/testing/examplePlan'
import type { GrammarNews, GrammarOrder } from '../workers/grammar.worker'
import { useOwnWords } from './useOwnWords'

/** A worker that answers when the test lets it, by the real grammar. */
class FakeWorker {
  static orders: GrammarOrder[] = []
  static last: FakeWorker | null = null
  onmessage: ((event: { data: GrammarNews }) => void) | null = null
  onerror: (() => void) | null = null
  terminate = vi.fn()
  constructor() {
    FakeWorker.last = this
  }
  postMessage(order: GrammarOrder) {
    FakeWorker.orders.push(order)
  }
  answer({ number, sentence, texts }: GrammarOrder) {
    this.onmessage?.({ data: { number, words: parseWords(sentence), texts: parseTexts(texts, parseWords) } })
  }
}

const higher = ['leaf', 'bell', 'key'].flatMap((groupId, group) =>
  ['h20', 'h40', 'h60'].flatMap((levelId, level) =>
    [1, 2, 3].map((tryNumber) =>
      entry({
        id: `${groupId}${levelId}${tryNumber}`,
        groupId,
        levelId,
        tryNumber,
        value: 10 + 12 * level + group,
      }),
    ),
  ),
)
const later = (milliseconds = 300) => vi.advanceTimersByTimeAsync(milliseconds)
const scope = effectScope(true)

async function open(sentence: string) {
  fakeServer(() => ({ body: lessonDto({ plan: examplePlan(), entries: higher }) }))
  await useLesson().load('one')
  const text = ref(sentence)
  const own = scope.run(() => useOwnWords(text))!
  await later()
  return { text, ...own }
}
const answerLast = async () => {
  FakeWorker.last!.answer(FakeWorker.orders.at(-1)!)
  await later(0)
}

beforeEach(() => {
  vi.useFakeTimers()
  vi.stubGlobal('Worker', FakeWorker)
  FakeWorker.orders = []
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('the class’s own sentence', () => {
  it('is checked beside the data once its grammar has come, without its cause', async () => {
    const { check, cause } = await open(
      'The higher the drop, the higher the bounce, because it falls further.',
    )
    expect(check.value).toBe(null)
    expect(FakeWorker.orders.at(-1)!.sentence).not.toContain('because')
    await answerLast()
    expect(check.value?.fit).toBe('fits')
    expect(cause.value.why).toContain('it falls further')
  })

  it('is not checked with an answer that is of an earlier sentence', async () => {
    const { text, check } = await open('The higher the drop, the higher the bounce.')
    const [first] = FakeWorker.orders
    text.value = 'The higher the drop, the lower the bounce.'
    await later()
    FakeWorker.last!.answer(first!)
    await later(0)
    expect(check.value).toBe(null)
    await answerLast()
    expect(check.value?.fit).toBe('contradicts')
  })

  it('that is empty asks for no grammar', async () => {
    await open('  ')
    expect(FakeWorker.orders).toEqual([])
  })

  it('says so where the grammar does not load, and tries again with the next word', async () => {
    const { text, failed } = await open('The higher the drop, the higher the bounce.')
    FakeWorker.last!.onerror!()
    await later(0)
    expect(failed.value).toBe(true)
    text.value = 'It bounced higher from 60 cm.'
    await later()
    expect([failed.value, FakeWorker.orders.length]).toEqual([false, 2])
  })
})
