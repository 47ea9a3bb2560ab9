import { minutesWords } from '../minutesWords'
import type { ClassClock } from './classClock'

/** One step of the lesson as it was planned and as it went, in minutes. */
export interface StepLog {
  id: string
  name: string
  planned: number
  took: number
}

/** A lesson as it was planned and as it went. */
export interface ClockLog {
  steps: StepLog[]
  planned: number
  took: number
  /** "Planned 42 min, took 51: handing out took 9 in place of 4." */
  said: string
}

/** What a clock keeps of how it went. */
export type Taken = Pick<ClassClock, 'taken' | 'ended' | 'late'>

/** Two minutes more or less are no news. */
const worthSaying = 2
const doing: Record<string, string> = {
  ...{ talk: 'talking', predict: 'predicting', handOut: 'handing out', test: 'testing' },
  ...{ clear: 'clearing away', share: 'sharing' },
}

/**
 * How the steps really went, without pauses; a step that was gone back to counts with both. Steps that nobody came to are not compared.
 * @returns null while nothing is done yet
 * @example clockLog({ ...clock, taken: [] }) // null
 */
export function clockLog({ taken, ended, late }: Taken): ClockLog | null {
  if (taken.length === 0) return null
  const steps = new Map<string, StepLog>()
  for (const { id, name, planned, from, to, paused } of taken) {
    const before = steps.get(id)
    const took = (before?.took ?? 0) + Math.max(0, to - from - paused) / 60_000
    steps.set(id, { id, name, planned: planned / 60, took })
  }
  const all = [...steps.values()]
  const sum = (of: 'planned' | 'took') => all.reduce((total, one) => total + one[of], 0)
  const [planned, took] = [sum('planned'), sum('took')]
  const off = all
    .filter((one) => Math.abs(one.took - one.planned) >= worthSaying)
    .sort((a, b) => Math.abs(b.took - b.planned) - Math.abs(a.took - a.planned))[0]
  const short = ended?.how === 'cut' ? ' It was cut short.' : ''
  const because = off
    ? `: ${doing[off.id] ?? off.name.toLowerCase()} took ${Math.round(off.took)} in place of ${Math.round(off.planned)}`
    : ''
  const said = `Planned ${Math.round(planned)} min, took ${Math.round(took)}${because}.${lateSaid(late)}${short}`
  return { steps: all, planned, took, said }
}

const lateSaid = (late: ClassClock['late']) =>
  late && late.readings > 0
    ? ` ${late.readings === 1 ? 'One reading was' : `${late.readings} readings were`} late, by up to ${minutesWords(late.most)}.`
    : ''
