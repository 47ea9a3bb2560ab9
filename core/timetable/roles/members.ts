/** A child of a group, by first name where that is known, else by its seat. */
export interface Member {
  id: string
  name: string
}

/** How many seats a group has where nobody has said who sits in it. */
const usualSeats = 4

/**
 * The children of a group: those who are named, else seats.
 * @example membersOf('leaf', []).map((one) => one.name) // ['seat 1', 'seat 2', 'seat 3', 'seat 4']
 */
export function membersOf(groupId: string, named: readonly Member[]): Member[] {
  if (named.length > 0) return [...named]
  return Array.from({ length: usualSeats }, (_, index) => ({
    id: `${groupId}#${index + 1}`,
    name: `seat ${index + 1}`,
  }))
}
