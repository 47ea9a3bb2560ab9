/** Who does what when the kit goes out and comes back: a seat of the group, counted from 1. */
export interface GroupJob {
  name: string
  does: string
  seat: number
}

const jobs: [name: string, does: string][] = [
  ['Fetcher', 'brings the tray and takes it back'],
  ['Checker', 'counts what is on the tray, out and in'],
  ['Cleaner', 'wipes up and dries'],
  ['Reporter', 'says what is missing or broken'],
]

/**
 * The jobs with the kit, turned by one seat from lesson to lesson; in small groups a child has two.
 * @param children how many children the group has
 * @param turn how many lessons the class has had before
 * @example groupJobs(4, 1).map((job) => job.seat) // [2, 3, 4, 1]
 */
export function groupJobs(children: number, turn = 0): GroupJob[] {
  const seats = Math.max(1, children)
  return jobs.map(([name, does], index) => ({ name, does, seat: ((index + turn) % seats) + 1 }))
}
