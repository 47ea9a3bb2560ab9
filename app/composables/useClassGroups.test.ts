import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, expect, it } from 'vitest'
import { ref } from 'vue'
import type { GroupDto, PupilDto } from '#shared/types/api'
import { useNotices } from '~/stores/notices'
import { useClassGroups } from './useClassGroups'

beforeEach(() => setActivePinia(createPinia()))

const groups: GroupDto[] = [
  { id: 'leaf', name: 'Leaf', emblem: 'leaf' },
  { id: 'bell', name: 'Bell', emblem: 'bell' },
]
const child = (name: string, groupId: string | null): PupilDto => ({ id: name, name, groupId })

/** A class of these children. */
function classOf(...children: PupilDto[]) {
  const pupils = ref(children)
  const names = (groupId: string | null) => own.membersOf(groupId).map(({ name }) => name)
  const own = useClassGroups(pupils, () => groups)
  return { pupils, names, ...own }
}

it('lists who is in a group, and those whose group is gone as without one', () => {
  const { names } = classOf(child('Ada', 'leaf'), child('Bruno', 'gone'), child('Chidi', null))
  expect([names('leaf'), names('bell'), names(null)]).toEqual([['Ada'], [], ['Bruno', 'Chidi']])
})

it('moves a child to the group beside, round at the ends, and into one of those there are', () => {
  const { pupils, names, moveBeside } = classOf(child('Ada', 'bell'), child('Bruno', null))
  moveBeside(pupils.value[0]!, 1)
  expect(names('leaf')).toEqual(['Ada'])
  moveBeside(pupils.value[0]!, -1)
  expect(names('bell')).toEqual(['Ada'])
  moveBeside(pupils.value[1]!, -1)
  expect(names('bell')).toEqual(['Ada', 'Bruno'])
})

it('makes groups equal in one press, says how many moved, and takes it back', async () => {
  const { names, areEven, makeEven } = classOf(
    ...['Ada', 'Bruno', 'Chidi', 'Dalia'].map((name) => child(name, 'leaf')),
  )
  expect(areEven.value).toBe(false)
  makeEven()
  expect([names('leaf').length, names('bell').length, areEven.value]).toEqual([2, 2, true])
  expect(useNotices().current?.text).toBe('2 children moved. The groups are equal now.')
  await useNotices().current?.undo?.()
  expect(names('leaf')).toHaveLength(4)
})

it('puts a new child in the smallest group, where it stays when the others are moved back', async () => {
  const { names, add, makeEven } = classOf(...['Ada', 'Bruno', 'Chidi'].map((name) => child(name, 'leaf')))
  makeEven()
  add('Dalia')
  await useNotices().current?.undo?.()
  expect([names('leaf'), names('bell')]).toEqual([['Ada', 'Bruno', 'Chidi'], ['Dalia']])
})

it('takes a child out, and back in', async () => {
  const { names, takeOut, pupils } = classOf(child('Ada', 'leaf'), child('Bruno', 'leaf'))
  takeOut(pupils.value[0]!)
  expect(names('leaf')).toEqual(['Bruno'])
  await useNotices().current?.undo?.()
  expect(names('leaf')).toEqual(['Ada', 'Bruno'])
})
