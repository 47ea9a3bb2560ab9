import { computed, type Ref } from 'vue'
import { evenGroups } from '#core/class'
import { newId } from '#core/plan'
import type { GroupDto, PupilDto } from '#shared/types/api'
import { useNotices } from '../stores/notices'

/** Who of a class is in which group, moved one by one or shared out evenly. */
export function useClassGroups(pupils: Ref<PupilDto[]>, groups: () => GroupDto[]) {
  const notices = useNotices()
  const groupIds = computed(() => groups().map(({ id }) => id))
  /** A group that was taken out is none. */
  const groupOf = ({ groupId }: PupilDto): string | null =>
    groupId !== null && groupIds.value.includes(groupId) ? groupId : null
  /** The children of a group, or those without one. */
  const membersOf = (groupId: string | null): PupilDto[] =>
    pupils.value.filter((pupil) => groupOf(pupil) === groupId)
  /** Whether the sizes of the groups differ by one at most, and nobody is without. */
  const areEven = computed(() => {
    const sizes = groupIds.value.map((id) => membersOf(id).length)
    return membersOf(null).length === 0 && Math.max(...sizes) - Math.min(...sizes) <= 1
  })

  function move(id: string, groupId: string | null) {
    pupils.value = pupils.value.map((pupil) => (pupil.id === id ? { ...pupil, groupId } : pupil))
  }

  /** Moves a child to the group beside its own; without one, to the first or the last. */
  function moveBeside(pupil: PupilDto, by: 1 | -1) {
    const at = groupIds.value.indexOf(groupOf(pupil) ?? '')
    const to = groupIds.value.at(at < 0 ? (by > 0 ? 0 : -1) : (at + by) % groupIds.value.length)
    if (to !== undefined) move(pupil.id, to)
  }

  function makeEven() {
    const before = pupils.value
    const after = evenGroups(before, groupIds.value)
    const moved = after.filter((pupil, index) => pupil.groupId !== before[index]?.groupId).length
    pupils.value = after
    notices.tell(`${moved} ${moved === 1 ? 'child' : 'children'} moved. The groups are equal now.`, () => {
      // Who has come since stays.
      const were = new Map(before.map(({ id, groupId }) => [id, groupId]))
      pupils.value = pupils.value.map((pupil) => ({
        ...pupil,
        groupId: were.has(pupil.id) ? (were.get(pupil.id) ?? null) : pupil.groupId,
      }))
    })
  }

  /** Puts a child in the smallest group. */
  function add(name: string) {
    const sizes = groupIds.value.map((id) => membersOf(id).length)
    const groupId = groupIds.value[sizes.indexOf(Math.min(...sizes))] ?? null
    pupils.value = [...pupils.value, { id: newId(), name, groupId }]
  }

  function takeOut(gone: PupilDto) {
    const at = pupils.value.findIndex((one) => one.id === gone.id)
    pupils.value = pupils.value.filter((one) => one.id !== gone.id)
    notices.tell(`${gone.name} is taken out.`, () => {
      pupils.value = [...pupils.value.slice(0, at), gone, ...pupils.value.slice(at)]
    })
  }

  return { groupOf, membersOf, areEven, add, move, moveBeside, makeEven, takeOut }
}
