import type { Plan } from '../../plan'

/** What the method of a plan holds on to, as its steps and its kept-same cards are written. */
export interface Bound {
  /** All levels are done at the same moment, so that no group can do without some of them. */
  together: boolean
  /** Each child is its own measure, so that what one group does says nothing of another. */
  ownBody: boolean
  /** How often a reading is taken is written there. */
  readings: boolean
  /** How many tries there are is written there. */
  tries: boolean
}

const together =
  /\b(?:all (?:\w+ )?(?:at once|together|at the same (?:time|moment))|at the same (?:time|moment)|touch \w+(?: \w+)? together|side by side)\b/i
const ownBody = /\b(?:pulse|heart ?beats?|breaths?|your own (?:arm|hand|leg|height)|reaction time)\b/i
const readings =
  /\bevery (?:(?:\d+|second|other|two|three|four|five|ten|fifteen|twenty|thirty) )?(?:minutes?|seconds?)\b/i
const tries =
  /\b(?:twice|thrice|(?:\d+|two|three|four|five|six|seven|eight|nine|ten) (?:times|tries|goes))\b/i

/**
 * What the steps of a plan hold on to. A way to fit that goes against them would leave a method that is no longer true.
 * @example boundBySteps({ ...plan, steps: ['Read all bottles at once, then every five minutes.'] }).together // true
 */
export function boundBySteps({ steps, keptSame, measured }: Plan): Bound {
  const written = [...steps, ...keptSame.map(({ how }) => how)].join('\n')
  return {
    together: together.test(written),
    ownBody: ownBody.test(`${measured.name}\n${written}`),
    readings: readings.test(written),
    tries: tries.test(steps.join('\n')),
  }
}
