/** How the clock of this school goes: beside the machine's own, or faster, so that a lesson can be tried in a few minutes. */
interface Pace {
  /** Both in ms since 1970: until then it went with the machine's. */
  since: number
  times: number
}

/**
 * Reads JOLLY_CLOCK, such as "20 since 2026-03-09T10:00:00Z": twenty seconds of the school for each second of the machine, counted from
 * a moment, so that a program that is started again goes on where the one before was.
 * @throws Error where it says something else
 */
export function parsePace(text: string | undefined): Pace {
  if (!text) return { since: 0, times: 1 }
  const [, times, moment] = /^(\d+(?:\.\d+)?) since (\S+)$/.exec(text.trim()) ?? []
  const since = Date.parse(moment ?? '')
  if (!(Number(times) >= 1) || Number.isNaN(since))
    throw new Error('JOLLY_CLOCK must read like: 20 since 2026-03-09T10:00:00Z')
  return { since, times: Number(times) }
}

const pace = parsePace(process.env.JOLLY_CLOCK)

/** The time of the school in ms since 1970, by which lessons go, and how many times faster than the machine's it runs. */
export function schoolTime(): { now: number; times: number } {
  const { since, times } = pace
  return { now: since + (Date.now() - since) * times, times }
}
