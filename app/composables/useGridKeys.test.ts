import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ref } from 'vue'
import type { Slot } from '#core/entries'
import { useLesson } from '~/stores/lesson'
import { useNotices } from '~/stores/notices'
import { fakeServer, lessonDto } from '~/testing/fakeServer'
import { examplePlan } from '../../core/testing/examplePlan'
import { useGridKeys } from './useGridKeys'
import { useReadingGrid } from './useReadingGrid'

const slot = (tryNumber: number): Slot => ({ groupId: 'leaf', levelId: 'h20', tryNumber, moment: '' })
let grid: ReturnType<typeof useReadingGrid>
let keys: ReturnType<typeof useGridKeys>
/** The cell that has the keyboard, by row and column. */
let focused = ''

/** A table with a box for each cell, as far as keys need one. */
const table = {
  querySelector: (selector: string) => ({
    disabled: false,
    focus: () => (focused = /"(.+)"/.exec(selector)![1]!),
    select: () => {},
  }),
} as unknown as HTMLTableElement

beforeEach(async () => {
  fakeServer(({ method }) =>
    method === 'GET' ? { body: lessonDto({ plan: examplePlan() }) } : { body: { added: [] } },
  )
  await useLesson().load('one')
  grid = useReadingGrid()
  keys = useGridKeys(grid, ref(table))
  focused = ''
})
afterEach(() => vi.unstubAllGlobals())

/** Presses a key in a cell of the first row. */
function press(key: string, column: number, { text = '', all = true, ...held } = {}) {
  const event = {
    key,
    target: {
      value: text,
      selectionStart: all ? 0 : text.length,
      selectionEnd: text.length,
      blur: () => {},
      select: () => {},
    },
    preventDefault: vi.fn(),
    ...{ shiftKey: false, ctrlKey: false, metaKey: false, altKey: false },
    ...held,
  }
  keys.onKey(event as unknown as KeyboardEvent, 0, column, slot(column + 1))
  return event
}
const values = () => useLesson().counted.map(({ fields }) => fields.value?.value)

describe('keys in the grid', () => {
  it('write down with Enter and go on, back with Shift, and stay where something is asked', async () => {
    grid.draft(slot(1), '12')
    press('Enter', 0)
    expect([values(), focused]).toEqual([[12], '0-1'])
    press('Enter', 1, { shiftKey: true } as never)
    expect(focused).toBe('0-0')
    focused = ''
    grid.draft(slot(2), '12,5')
    press('Enter', 1)
    expect([values(), focused]).toEqual([[12], ''])
  })

  it('move with arrows, sideways only from the edge of a text', () => {
    press('ArrowDown', 0)
    expect(focused).toBe('1-0')
    press('ArrowLeft', 1, { text: '12', all: false })
    expect(focused).toBe('1-0')
    press('ArrowRight', 1, { text: '12', all: false })
    expect(focused).toBe('0-2')
  })

  it('are letters while something is typed, and acts on what stands', () => {
    grid.draft(slot(1), '1')
    expect(press('x', 0, { text: '1', all: false }).preventDefault).not.toHaveBeenCalled()
    press('Enter', 0)
    press('x', 0, { text: '1' })
    expect(keys.asked.value).toMatchObject({ what: 'aside', slot: slot(1) })
    keys.setAside('pushed')
    expect([values(), keys.asked.value]).toEqual([[], null])
    press('u', 0)
    expect(values()).toEqual([1])
    expect(useNotices().current?.text).toMatch(/^Undone: leaf, 20 cm, try 1\./)
  })

  it('ask for no reason where nothing stands, but for what was noticed', () => {
    press('n', 3)
    expect(keys.asked.value).toBe(null)
    press('o', 3)
    expect(keys.asked.value?.what).toBe('noticed')
  })

  it('take a suggestion, keep what was typed, or look again', () => {
    grid.draft(slot(1), '12,5')
    press('Enter', 0)
    keys.lookAgain()
    expect([focused, grid.hint.value]).toEqual(['0-0', null])
    press('Enter', 0)
    keys.takeInstead()
    expect(values()).toEqual([13])
    grid.draft(slot(2), '14,5')
    press('Enter', 1)
    keys.keepIt()
    expect(values()).toEqual([13, 14.5])
  })
})

it('a block that is pasted says how much of it was taken', () => {
  const paste = (text: string) => {
    const event = { clipboardData: { getData: () => text }, preventDefault: vi.fn() }
    keys.onPaste(event as unknown as ClipboardEvent, 0, 0)
    return event
  }
  expect(paste('12').preventDefault).not.toHaveBeenCalled()
  paste('12\t13\n21\tx')
  expect(useNotices().current?.text).toBe('3 numbers pasted. 1 couldn’t be read: look at that cell again.')
})
