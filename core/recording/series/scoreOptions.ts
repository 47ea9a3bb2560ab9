import { resolutionOf } from '../../instrument'
import type { SeriesScore } from '../../plan'
import { printQuantity } from '../../quantity'
import type { WayOption } from '../way'

/** What counts of a row of readings. */
export const scoreOption: WayOption = {
  name: 'score',
  label: 'What counts of it',
  kind: 'choice',
  changesScore: true,
  choices: [
    ['lost', 'how much it went down'],
    ['gained', 'how much it went up'],
    ['end', 'what it is at the end'],
    ['rate', 'how fast it changed'],
    ['reached', 'how long until it reached a value'],
  ],
  says: (answer) =>
    ({
      lost: 'and look at how much it went down',
      gained: 'and look at how much it went up',
      end: 'and look at what it is at the end',
      rate: 'and look at how fast it changed',
      reached: 'and look at how long it took to reach',
    })[answer as SeriesScore],
}
/** The value until which it is counted. */
export const targetOption: WayOption = {
  name: 'target',
  label: 'The value to be reached',
  kind: 'amount',
  optional: true,
  applies: ({ recording }) => 'score' in recording && recording.score === 'reached',
  says: (answer, plan) =>
    answer === null ? 'which value?' : printQuantity(answer, plan.measured.unit, resolutionOf(plan).mark),
}
