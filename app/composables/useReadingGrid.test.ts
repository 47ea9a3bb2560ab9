import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { entryHistory } from '#core/entries'
import { examplePlan } from '../../core/testing/examplePlan'
import { useLesson } from '../stores/lesson'
import { fakeServer, lessonDto } from '../testing/fakeServer'
import { useReadingGrid } from './useReadingGrid'

const slot = (groupId: string, levelId: string, tryNumber: number) => ({
  groupId,
  levelId,
  tryNumber,
  moment: '',
})
/** The entries with their one number in sight. */
const seen = () => useLesson().entries.map(({ fields, ...entry }) => ({ ...entry, ...fields.value }))
const first = slot('leaf', 'h20', 1)

let grid: ReturnType<typeof useReadingGrid>
async function open(changes = {}) {
  fakeServer(({ method }) =>
    method === 'GET' ? { body: lessonDto({ plan: examplePlan(changes) }) } : { body: { added: [] } },
  )
  await useLesson().load('one')
  grid = useReadingGrid()
}
beforeEach(() => open())
afterEach(() => vi.unstubAllGlobals())

/** Types and presses Enter; a question is answered by pressing it once more. */
function type(where: typeof first, text: string): boolean {
  grid.draft(where, text)
  return grid.settle(where) || (grid.hint.value?.value !== null && grid.settle(where))
}

describe('the grid', () => {
  it('has a column for each level and try, and a row for each group', () => {
    expect(grid.columns.value).toHaveLength(9)
    expect(grid.rows.value.map((row) => row.group.id)).toEqual(['leaf', 'bell', 'key'])
  })

  it('closes the places that a group does not test', async () => {
    await open({ whoTests: 'shared-levels' })
    expect(grid.rows.value.map((row) => row.tests.size)).toEqual([2, 2, 2])
  })

  it('has one row of the class where it tests as one, and those that have read something before', async () => {
    await open({ whoTests: 'whole-class' })
    expect(grid.rows.value.map(({ group, tests }) => [group.name, tests.size])).toEqual([['The class', 3]])
    await open({})
    type(slot('bell', 'h20', 1), '12')
    useLesson().editPlan({ whoTests: 'whole-class' })
    expect(grid.rows.value.map(({ group, tests }) => [group.name, tests.size])).toEqual([
      ['The class', 3],
      ['bell', 0],
    ])
  })

  it('takes numbers as people type them and shows them on the instrument’s marks', () => {
    expect(type(first, '0.12 m')).toBe(true)
    expect(grid.textOf(first)).toBe('12')
    expect(seen()).toMatchObject([{ value: 12, typed: '0.12 m', source: 'desk', supersedes: null }])
    expect(seen()[0]!.given).toBe('typed')
  })

  it('asks before it keeps what looks like a slip; a suggestion that is taken says that it was one', () => {
    const second = slot('leaf', 'h20', 2)
    grid.draft(second, '12,5')
    expect(grid.settle(second)).toBe(false)
    expect(grid.hint.value).toMatchObject({ where: 'leaf, 20 cm, try 2', suggestion: 13, value: 12.5 })
    expect([grid.textOf(second), seen()]).toEqual(['12,5', []])
    grid.takeInstead(13)
    expect(seen()).toMatchObject([{ value: 13, typed: '12,5', given: 'suggested' }])
    expect(grid.hint.value).toBeNull()
  })

  it('keeps what was asked about when it is pressed once more, and when the cell is left', () => {
    expect(type(first, '12,5')).toBe(true)
    expect(grid.textOf(first)).toBe('12.5')
    const second = slot('leaf', 'h20', 2)
    grid.draft(second, '14,5')
    expect(grid.settle(second, true)).toBe(true)
    expect(grid.textOf(second)).toBe('14.5')
    expect(grid.hint.value).toMatchObject({ suggestion: 15 })
  })

  it('asks which of two numbers was meant, and keeps neither until somebody says', () => {
    grid.draft(first, '1,200')
    expect(grid.settle(first)).toBe(false)
    expect(grid.settle(first, true)).toBe(false)
    expect([grid.hint.value?.readings.map((one) => one.value), seen()]).toEqual([[1.2, 1200], []])
    grid.takeInstead(1.2)
    expect(seen()).toMatchObject([{ value: 1.2, typed: '1,200', given: 'chosen' }])
  })

  it('offers a half-typed number again after a reload, until it is kept or cleared', () => {
    grid.draft(first, '1')
    const second = slot('bell', 'h20', 1)
    grid.draft(second, '2')
    const again = useReadingGrid()
    expect([again.textOf(first), again.begun.value.size, seen()]).toEqual(['1', 2, []])
    again.draft(first, '12')
    expect(again.settle(first)).toBe(true)
    again.forget(second)
    expect([useReadingGrid().textOf(second), useReadingGrid().begun.value.size]).toEqual(['', 0])
  })

  it('leaves text that is no number where it was typed', () => {
    expect(type(first, 'ten')).toBe(false)
    expect([grid.textOf(first), seen()]).toEqual(['ten', []])
    expect(grid.hint.value?.message).toMatch(/not a number/)
  })

  it('records nothing for the same value again, and for nothing', () => {
    type(first, '12')
    type(first, '12.0')
    type(slot('bell', 'h20', 1), '  ')
    expect(seen()).toHaveLength(1)
  })

  it('corrects, sets aside and undoes by adding readings', () => {
    type(first, '120')
    type(first, '12')
    expect(grid.textOf(first)).toBe('12')
    grid.undo()
    expect(grid.textOf(first)).toBe('120')
    grid.setAside(first, 'pushed or bumped')
    expect(grid.textOf(first)).toBe('')
    grid.undo()
    expect(grid.textOf(first)).toBe('120')
    expect(entryHistory(useLesson().entries)).toHaveLength(5)
    expect(grid.stateOf(first)?.setAside).toEqual([])
  })

  it('undoes a first entry by taking it out of the count, and then has nothing left to undo', () => {
    type(first, '12')
    expect(grid.undo()).toEqual(first)
    expect(grid.stateOf(first)).toMatchObject({
      counted: null,
      setAside: [{ fields: { value: { value: 12 } }, reason: 'typed by mistake' }],
    })
    expect(grid.undo()).toBeNull()
  })

  it('takes a number anew, and puts one back, by the unit that each was read in', () => {
    type(first, '13')
    const { measured } = useLesson().plan
    useLesson().editPlan({ measured: { ...measured, unit: 'mm' } })
    expect(grid.textOf(first)).toBe('130')
    type(first, '13')
    expect(grid.textOf(first)).toBe('13')
    grid.undo()
    expect(grid.textOf(first)).toBe('130')
    expect(seen().at(-1)).toMatchObject({ value: 13, readWith: { unit: 'cm' } })
  })

  it('empties a place when its text is deleted', () => {
    type(first, '12')
    type(first, '')
    expect(grid.stateOf(first)?.counted).toBeNull()
  })

  it('asks about pasted numbers as about typed ones: they wait in their cells', () => {
    expect(grid.paste('11\t12\t13\n12\t130\t12.5\n', 1, 0)).toEqual({ taken: 4, left: 2 })
    expect(grid.textOf(slot('key', 'h20', 2))).toBe('130')
    expect(seen()).toHaveLength(4)
  })

  it('pastes a block, keeps what it cannot read in sight and counts what falls outside', () => {
    expect(grid.paste('11\t12\t13\n14\tx\t0.16 m\n', 1, 0)).toEqual({ taken: 5, left: 1 })
    expect(
      ['bell', 'key'].map((group) => [1, 2, 3].map((one) => grid.textOf(slot(group, 'h20', one)))),
    ).toEqual([
      ['11', '12', '13'],
      ['14', 'x', '16'],
    ])
    expect(grid.paste('1\t2\n3\t4', 2, 8)).toEqual({ taken: 1, left: 3 })
  })

  it('shows extra tries that were made with an earlier plan', async () => {
    type(slot('leaf', 'h20', 3), '15')
    useLesson().editPlan({ tries: 2 })
    expect(grid.columns.value.filter((column) => column.levelId === 'h20')).toHaveLength(3)
    expect(grid.columns.value.filter((column) => column.levelId === 'h40')).toHaveLength(2)
  })
})
