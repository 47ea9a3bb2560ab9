import { defined } from '../defined'

interface Grouped {
  id: string
  groupId: string | null
}

/**
 * The same children in groups whose sizes differ by one at most; as many as possible stay where they are, and the last of a group that is
 * too large go first.
 * @param groupIds the groups, in order; a child of any other group has none
 * @throws RangeError where there is no group
 * @example evenGroups([{ id: 'a', groupId: 'g' }, { id: 'b', groupId: 'g' }], ['g', 'h']).map((one) => one.groupId) // ['g', 'h']
 */
export function evenGroups<Child extends Grouped>(
  children: readonly Child[],
  groupIds: readonly string[],
): Child[] {
  if (groupIds.length === 0) throw new RangeError('there is no group to put anybody in')
  const members = new Map<string, string[]>(groupIds.map((id) => [id, []]))
  for (const { id, groupId } of children) if (groupId !== null) members.get(groupId)?.push(id)
  const least = Math.floor(children.length / groupIds.length)
  // Those who are one more stay where most are now.
  const larger = [...groupIds]
    .sort((a, b) => defined(members.get(b)).length - defined(members.get(a)).length)
    .slice(0, children.length % groupIds.length)
  const roomIn = (id: string) => least + (larger.includes(id) ? 1 : 0)
  const staying = new Map(
    groupIds.flatMap((id) =>
      defined(members.get(id))
        .slice(0, roomIn(id))
        .map((child) => [child, id] as const),
    ),
  )
  const open = groupIds.flatMap((id) => {
    const here = Math.min(defined(members.get(id)).length, roomIn(id))
    return Array.from({ length: roomIn(id) - here }, () => id)
  })
  return children.map((child) => ({ ...child, groupId: staying.get(child.id) ?? defined(open.shift()) }))
}
