import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, ref, type EffectScope } from 'vue'
import type { AccessDto, VisitorDto } from '#shared/types/people'
import { fakeServer, type Answer } from '~/testing/fakeServer'
import { useSheetGroup } from './useSheetGroup'

let visitor: VisitorDto
let signIn: AccessDto['signIn']
let answer: () => Answer | 'offline'
let scope: EffectScope
const replaced: unknown[] = []
const lost = ref(false)

beforeEach(() => {
  replaced.length = 0
  lost.value = false
  signIn = 'on'
  visitor = { kind: 'sheet', lessonId: 'one', groupIds: ['leaf'] }
  answer = () => ({ body: { schoolName: '', signIn, visitor, names: [], demo: null } })
  vi.stubGlobal('useRouter', () => ({ replace: (to: unknown) => replaced.push(to) }))
  fakeServer(() => answer())
  scope = effectScope()
})
afterEach(() => {
  scope.stop()
  vi.unstubAllGlobals()
})

async function sitDown(groupId = 'leaf') {
  scope.run(() => useSheetGroup(ref('one'), ref(groupId), lost))
  await vi.waitFor(() => nextTick())
  await new Promise((done) => setTimeout(done, 5))
}
const joinPage = { path: '/join', query: { left: 'yes' } }

describe('a tablet', () => {
  it('stays on the Sheet of its group', async () => {
    await sitDown()
    expect(replaced).toEqual([])
  })

  it.each([
    ['its one other group', ['bell'], '/sheet/one/bell'],
    ['the choice, where it has several or none', ['bell', 'key'], '/sheet/one'],
    ['the choice, where it has several or none', [], '/sheet/one'],
  ])('that is not in this group goes to %s', async (_where, groupIds, to) => {
    visitor = { kind: 'sheet', lessonId: 'one', groupIds }
    await sitDown()
    expect(replaced).toEqual([to])
  })

  it('that was taken out goes to the page for joining once it loses the lesson', async () => {
    await sitDown()
    visitor = { kind: 'nobody' }
    lost.value = true
    await vi.waitFor(() => expect(replaced).toEqual([joinPage]))
  })

  it('without a connection stays where it is', async () => {
    answer = () => 'offline'
    await sitDown()
    lost.value = true
    await new Promise((done) => setTimeout(done, 5))
    expect(replaced).toEqual([])
  })
})

it.each([
  ['a teacher', 'on', { kind: 'teacher', id: 't', name: 'Ms Thorne', role: 'teacher' }],
  [
    'whoever sits at a machine where nobody signs in',
    'off',
    { kind: 'teacher', id: null, name: '', role: 'admin' },
  ],
] as const)('%s may look at every Sheet', async (_who, mode, who) => {
  signIn = mode
  visitor = who
  await sitDown()
  expect(replaced).toEqual([])
})
