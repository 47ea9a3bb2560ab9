import { expect, it } from 'vitest'
import { weighLesson } from '../comparison'
import { lessonResult, predictionsSaid } from '.'
import { entriesFrom } from '../testing/exampleEntries'
import { examplePlan } from '../testing/examplePlan'
import { testersOf, type Tester } from './testers'

const groups: Tester[] = [
  { id: 'leaf', name: 'Leaf', emblem: 'leaf' },
  { id: 'bell', name: 'Bell', emblem: 'bell' },
]
const forAll = examplePlan({ whoTests: 'whole-class' })
const entries = entriesFrom({ leaf: { h20: [11, 12, 12], h40: [22, 23, 22], h60: [34, 33, 34] } })

it('groups test for themselves, and the class as one in the place of the first', () => {
  expect(testersOf(examplePlan(), groups)).toEqual(groups)
  expect(testersOf(forAll, groups)).toEqual([{ id: 'leaf', name: 'The class', emblem: 'class' }])
  expect(testersOf(forAll, [])).toEqual([])
})

it('a group that read something before stays in sight', () => {
  expect(testersOf(forAll, groups, new Set(['leaf', 'bell'])).map(({ name }) => name)).toEqual([
    'The class',
    'Bell',
  ])
})

it('what was done once can’t tell the set-up from what was changed, and says so', () => {
  const { reasons, word } = lessonResult(forAll, entries, weighLesson(forAll, entries, ['leaf', 'bell']))
  expect(word).toBe('leaning')
  expect(reasons[0]).toMatch(/^We tested this once for all/)
})

it('every group’s prediction is compared with what the class found', () => {
  const number = (groupId: string, value: number) => ({
    groupId,
    answer: { format: 'number' as const, levelId: 'h60', value },
  })
  const evidence = weighLesson(forAll, entries, ['leaf', 'bell'])
  expect(predictionsSaid(forAll, [number('leaf', 34), number('bell', 80)], evidence, () => [])).toBe(
    '1 of 2 groups had predicted this. 1 was surprised.',
  )
})
