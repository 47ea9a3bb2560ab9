import type { WayOption } from '../way'
import { hasShare } from './changes'
import { canBeContained } from './containers'

/** How a container is kept out of what is read. */
export const containerOption: WayOption = {
  name: 'container',
  label: 'Its container',
  kind: 'choice',
  quiet: 'none',
  applies: canBeContained,
  choices: [
    ['none', 'there is no container to take off'],
    ['zeroed', 'the scale is zeroed with the empty container on'],
    ['weighed', 'the empty container is read first and taken off'],
  ],
  says: (answer) =>
    ({
      none: 'with no container to take off',
      zeroed: 'zeroed with its empty container on',
      weighed: 'less its empty container',
    })[answer as 'none'],
}
/** Which way the class looks. */
export const changeOption = (choices: readonly [lost: string, gained: string]): WayOption => ({
  name: 'change',
  label: 'What counts of it',
  kind: 'choice',
  changesScore: true,
  ofLevels: true,
  choices: [
    ['lost', choices[0]],
    ['gained', choices[1]],
  ],
  says: (answer) => `and look at ${choices[answer === 'lost' ? 0 : 1]}`,
})

/** By amounts or by shares. */
export const compareOption: WayOption = {
  name: 'compare',
  label: 'Compared by',
  kind: 'choice',
  changesScore: true,
  ofLevels: true,
  applies: hasShare,
  choices: [
    ['starts', 'by amount, or by the share of the start where the starts differ'],
    ['amount', 'by amount'],
    ['share', 'by its share of the start'],
  ],
  says: (answer) =>
    ({
      starts: 'compared by amount, or by share where the starts differ',
      amount: 'compared by amount',
      share: 'compared by its share of the start',
    })[answer as 'starts'],
}
