import { describe, expect, it } from 'vitest'
import type { Unit } from '../quantity'
import type { MeasuredNoun } from './gave'
import { levelGaveMore, levelGaveMost, saysWhere } from './levelsGave'

const of = (name: string, unit: Unit | null = 'cm', scale?: MeasuredNoun['scale']): MeasuredNoun => ({
  name,
  unit: unit!,
  ...(scale ? { scale } : {}),
})
const sill = 'on the window sill'
const shade = 'in the shade'

describe('a level that says where', () => {
  it.each([
    [sill, true],
    ['inside a cupboard', true],
    ['with a lid', true],
    ['At the back of the room', true],
    ['window sill', false],
    ['ink', false],
    ['inner tube', false],
    ['20 cm', false],
  ])('%s: %s', (level, expected) => expect(saysWhere(level)).toBe(expected))

  it.each([
    [of('height', 'mm'), 'the height was greatest on the window sill'],
    [of('bounce height'), 'the bounce was highest on the window sill'],
    [of('temperature lost', 'C'), 'it cooled most on the window sill'],
    [of('mass lost', 'g'), 'it lost the most mass on the window sill'],
    [of('number of leaves', 'count'), 'it gave the most leaves on the window sill'],
    [of('place', 'count', { kind: 'place' }), 'it came in last on the window sill'],
    [of('hardness', 'count', { kind: 'rank', of: 3 }), 'it was the hardest on the window sill'],
  ])('%j had the most', (measured, words) => expect(levelGaveMost(measured, sill, 'most')).toBe(words))

  it.each([
    [of('height', 'mm'), 'more', 'the height was greater on the window sill than in the shade'],
    [of('height', 'mm'), 'same', 'the height was about the same on the window sill as in the shade'],
    [of('temperature lost', 'C'), 'less', 'it cooled less on the window sill than in the shade'],
    [
      of('number of leaves', 'count'),
      'same',
      'it gave about as many leaves on the window sill as in the shade',
    ],
    [
      of('place', 'count', { kind: 'place' }),
      'less',
      'it came in earlier on the window sill than in the shade',
    ],
  ] as const)('%j gave %s', (measured, comparison, words) =>
    expect(levelGaveMore(measured, sill, comparison, shade)).toBe(words),
  )

  it('is said of what will be, too', () => {
    expect(levelGaveMost(of('height', 'mm'), sill, 'least', 'future')).toBe(
      'the height will be smallest on the window sill',
    )
    expect(levelGaveMore(of('height', 'mm'), sill, 'more', shade, 'future')).toBe(
      'the height will be greater on the window sill than in the shade',
    )
  })
})

it('a level that is a thing gave it', () => {
  expect(levelGaveMost(of('bounce height'), 'tile', 'most')).toBe('tile gave the highest bounce')
  expect(levelGaveMore(of('bounce height'), 'tile', 'less', 'wood')).toBe(
    'tile gave a lower bounce than wood',
  )
})
