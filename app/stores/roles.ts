import { firstOf } from '#core/defined'
import { acceptHMRUpdate, defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import type { Slot } from '#core/entries'
import {
  roleDoes,
  rolesOf,
  turnAt,
  turnRoles,
  turnsIn,
  volunteerTurns,
  type TryRoles,
  volunteerGroup,
} from '#core/timetable'
import type { RolesDto } from '#shared/types/api'
import { request, RequestProblem } from '../api/request'
import { useLesson } from './lesson'
import { useNotices } from './notices'

/** How long it waits before it asks again, in ms. */
const askAgainAfter = 5000

/** Who does what in the groups of the open lesson. Only what shows names asks for it. */
export const useRoles = defineStore('roles', () => {
  const lesson = useLesson()
  const notices = useNotices()
  const data = shallowRef<RolesDto | null>(null)
  const loadedFor = ref('')

  /** Asked for again until it comes: a Sheet without a connection has nothing to say to children about it. */
  async function load(id: string): Promise<void> {
    try {
      const found = await request('GET', '/api/lessons/:id/roles', { params: { id } })
      if (lesson.lesson?.id !== id) return
      data.value = found
      loadedFor.value = id
    } catch (error) {
      if (!(error instanceof RequestProblem && error.passes)) notices.warn(error)
      else setTimeout(() => lesson.lesson?.id === id && void load(id), askAgainAfter)
    }
  }
  // Another screen has said who is absent, or the class has changed.
  watch(
    () => lesson.membersTold,
    () => loadedFor.value !== '' && lesson.lesson && void load(lesson.lesson.id),
  )

  const absent = computed(() => new Set(data.value?.absent ?? []))
  const nameOf = (id: string | undefined) =>
    Object.values(data.value?.members ?? {})
      .flat()
      .find((one) => one.id === id)?.name ?? ''

  /** The roles of every turn of a group; in a whole-class test the volunteers of its turns. */
  function turnsOf(groupIndex: number): TryRoles[] {
    const group = lesson.groups[groupIndex]
    if (!group || !data.value) return []
    const here = (data.value.members[group.id] ?? []).filter(({ id }) => !absent.value.has(id))
    const ids = here.map(({ id }) => id)
    const { plan } = lesson
    if (plan.whoTests === 'whole-class') {
      const all = turnsIn(plan, firstOf(lesson.groups).id, 0)
      return turnRoles(
        ids,
        ['starter'],
        data.value.before,
        volunteerTurns(all, lesson.groups.length, groupIndex),
      )
    }
    return turnRoles(ids, rolesOf(plan), data.value.before, turnsIn(plan, group.id, groupIndex))
  }

  /** "Ana starts the try": who does what at a slot, in the order in which it is done. */
  function saidAt(groupIndex: number, slot: Slot): { name: string; does: string }[] {
    const turn = turnAt(lesson.plan, groupIndex, slot)
    const now = turnsOf(groupIndex)[turn]
    if (!now) return []
    return rolesOf(lesson.plan).flatMap((role) =>
      now[role] ? [{ name: nameOf(now[role]), does: roleDoes[role] }] : [],
    )
  }

  /** Who of the whole class comes forward for a try; null where nobody of that group is here. */
  function volunteerAt(slot: Slot): { groupIndex: number; name: string } | null {
    const turn = turnAt(lesson.plan, 0, slot)
    const groupIndex = volunteerGroup(turn, lesson.groups.length)
    const own = turnsOf(groupIndex)[Math.floor(turn / Math.max(1, lesson.groups.length))]
    return own?.starter ? { groupIndex, name: nameOf(own.starter) } : null
  }

  async function setAbsent(id: string, away: boolean) {
    const { id: lessonId } = lesson.open
    const all = [...absent.value].filter((one) => one !== id)
    await notices.attempt(async () => {
      const now = await request('PUT', '/api/lessons/:id/absent', {
        params: { id: lessonId },
        body: { absent: away ? [...all, id] : all },
      })
      if (lesson.lesson?.id === lessonId) data.value = now
    })
  }

  return { data, loadedFor, absent, load, nameOf, turnsOf, saidAt, volunteerAt, setAbsent }
})

if (import.meta.hot) import.meta.hot.accept(acceptHMRUpdate(useRoles, import.meta.hot))
