import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import type { Slot } from '#core/entries'
import { useLesson } from '~/stores/lesson'
import { fakeServer, lessonDto } from '~/testing/fakeServer'
import { examplePlan } from '../../core/testing/examplePlan'
import { useTypedReading } from './useTypedReading'

const slot: Slot = { groupId: 'leaf', levelId: 'h20', tryNumber: 1, moment: '' }

/** A Sheet of Leaf on its first try. */
async function sheet(changes = {}) {
  fakeServer(({ method }) =>
    method === 'GET' ? { body: lessonDto({ plan: examplePlan(changes) }) } : { body: { added: [] } },
  )
  await useLesson().load('one')
  const texts = { number: ref(''), note: ref(''), altered: ref('') }
  const written: Slot[] = []
  const reading = useTypedReading(
    () => slot,
    texts,
    (one) => written.push(one),
  )
  return { ...reading, ...texts, written }
}
const kept = () => useLesson().entries.map(({ fields, note }) => ({ ...fields.value, note }))

beforeEach(() => void vi.useFakeTimers())
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('a number on a Sheet', () => {
  it('is written down as it was typed, with what was said of it, and leaves its box empty', async () => {
    const { number, note, write, written } = await sheet()
    number.value = ' 12 '
    note.value = ' it wobbled '
    write()
    expect(kept()).toMatchObject([{ typed: '12', given: 'typed', value: 12, note: 'it wobbled' }])
    expect([number.value, note.value, written]).toEqual(['', '', [slot]])
  })

  it('is asked for where there is none', async () => {
    const { number, write, isEmpty, asked, forget } = await sheet()
    write()
    expect([isEmpty.value, kept()]).toEqual([true, []])
    number.value = 'high'
    write()
    expect([isEmpty.value, asked.value?.state]).toEqual([false, 'unreadable'])
    forget()
    expect(asked.value).toBe(null)
  })

  it('that looks like a slip is asked about once, and kept when it is written once more', async () => {
    const { number, write, hint } = await sheet()
    number.value = '12,5'
    write()
    expect([hint.value?.suggestion, kept()]).toEqual([13, []])
    write()
    expect(kept()).toMatchObject([{ typed: '12,5', value: 12.5 }])
    expect(hint.value).toBe(null)
  })

  it('says which answer was chosen or suggested', async () => {
    const { number, keep } = await sheet()
    number.value = '12,5'
    keep(13, 'suggested')
    expect(kept()).toMatchObject([{ typed: '12,5', given: 'suggested', value: 13 }])
  })

  it('shows what another unit comes to, and where it stands on the instrument', async () => {
    const { number, converted, pointer, symbol } = await sheet()
    number.value = '5 in'
    expect([converted.value, pointer.value, symbol.value]).toEqual(['5 in is 12.7 cm', 12.7, 'cm'])
    number.value = '12'
    expect(converted.value).toBe('')
    number.value = 'high'
    expect(pointer.value).toBe(null)
  })

  it('is not offered with digits that it does not have', async () => {
    const { shown } = await sheet()
    expect([shown(12), shown(12.5)]).toEqual(['12 cm', '12.5 cm'])
  })
})
