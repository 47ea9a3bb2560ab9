/**
 * Which station each group is at in each turn, so that every group meets every station once and no two meet: as many turns as there are
 * stations, or groups where those are more, and then some wait. Each goes on to the next station; the turns in which it waits stand for
 * stations that are not there. (A cyclic Latin square, which no rotation can be shorter than: a group needs a turn for every station, and
 * a station one for every group.)
 *
 * @returns for each turn, for each group, the place of its station, or null where it waits
 * @example stationTurns(2, 3) // [[0, 1], [1, 2], [2, 0]]
 */
export function stationTurns(groups: number, stations: number): (number | null)[][] {
  if (groups < 1 || stations < 1) return []
  const turns = Math.max(groups, stations)
  return Array.from({ length: turns }, (_, turn) =>
    Array.from({ length: groups }, (_group, group) => {
      const place = (group + turn) % turns
      return place < stations ? place : null
    }),
  )
}
