import type { CupboardInstrument } from '../instrument'
import { instrumentsRead, type Plan } from '../plan'
import { wayOf } from '../recording'
import type { Activity } from './activity'

/**
 * How many there are of each instrument that a plan reads with: as many as lie in the cupboard, or as go round by the kit list. What the
 * cupboard does not list may be there for everybody.
 * @example ownedOf(plan, cupboard).get('metre stick') // 8
 */
export function ownedOf(plan: Plan, cupboard: readonly CupboardInstrument[]): Map<string, number> {
  const owned = new Map<string, number>()
  for (const { name } of instrumentsRead(plan)) {
    const listed = cupboard.find((one) => one.name === name)
    // Where there is none, Kitted says so; the time counts one.
    if (listed) owned.set(name, Math.max(1, Math.floor(listed.howMany)))
    const goingRound = plan.materials.find((line) => line.per === 'turns' && line.name.trim() === name)
    if (goingRound && goingRound.amount >= 1)
      owned.set(name, Math.min(Math.floor(goingRound.amount), owned.get(name) ?? Infinity))
  }
  for (const line of turningLines(plan)) owned.set(line.name, Math.max(1, Math.floor(line.amount)))
  return owned
}

/** Things of the kit that groups take turns with, other than what they read with. */
const turningLines = (plan: Plan) => {
  const read = new Set(instrumentsRead(plan).map((one) => one.name))
  return plan.materials.filter((line) => line.per === 'turns' && !read.has(line.name.trim()))
}

/**
 * Acts with the things that go round held from setting up to clearing away, where levels follow one another: such a try is one piece.
 * @example withTurns([act], plan).length // 1: nothing goes round
 */
export function withTurns(acts: readonly Activity[], plan: Plan): Activity[] {
  const lines = turningLines(plan)
  const inTurn = !(wayOf(plan).needs(plan.recording).sideBySide && wayOf(plan).layout(plan) !== 'together')
  if (lines.length === 0 || !inTurn) return [...acts]
  const joined: Activity[] = []
  for (const act of acts) {
    const held = lines.flatMap((line) =>
      line.level === null || line.level === act.levelId ? [line.name] : [],
    )
    const open = joined.at(-1)
    if (
      held.length === 0 ||
      act.kind === 'set-up' ||
      open?.kind !== 'run' ||
      open.tryNumber !== act.tryNumber
    )
      joined.push(
        held.length === 0 ? act : { ...act, kind: 'run', uses: [...new Set([...held, ...act.uses])] },
      )
    else
      joined[joined.length - 1] = {
        ...open,
        seconds: open.seconds + act.seconds,
        uses: [...new Set([...open.uses, ...act.uses])],
      }
  }
  return joined
}
