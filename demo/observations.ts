import type { ObservationKind } from '#core/observation'

/** What a made-up group saw besides, by the places of its group and level. */
export interface DemoObservation {
  /** Null where the whole class saw it. */
  groupIndex: number | null
  kind: ObservationKind
  text: string
  /** A file in demo/pictures. */
  sketch?: string
  about?: { level: number; tryNumber: number; moment?: string }
  /** Minutes after the first reading. */
  after: number
  onBoard?: boolean
}

const hour = 60
const day = 24 * hour

/** What was seen besides in the lessons of the demo school, by their starters. */
export const demoObservations: Record<string, DemoObservation[]> = {
  'ball-bounce': [
    {
      groupIndex: 2,
      kind: 'noticed',
      text: 'The second bounce is always smaller than the first',
      after: 6,
      onBoard: true,
    },
    {
      groupIndex: 0,
      kind: 'noticed',
      text: 'From 100 cm it sounds louder',
      about: { level: 3, tryNumber: 1 },
      after: 11,
    },
    {
      groupIndex: 3,
      kind: 'guessed',
      text: 'Some of the bounce goes into the sound',
      after: 14,
      onBoard: true,
    },
    {
      groupIndex: 1,
      kind: 'noticed',
      text: 'It hit the edge of a tile and jumped sideways',
      about: { level: 3, tryNumber: 1 },
      after: 17,
    },
    { groupIndex: null, kind: 'guessed', text: 'The ball gets warm when we use it a lot', after: 26 },
  ],
  'paper-bridge': [
    {
      groupIndex: 0,
      kind: 'noticed',
      text: 'folded up along both sides',
      sketch: 'foldedSides.png',
      about: { level: 1, tryNumber: 1 },
      after: 12,
      onBoard: true,
    },
    {
      groupIndex: 1,
      kind: 'noticed',
      text: 'like an accordion',
      sketch: 'zigzag.png',
      about: { level: 1, tryNumber: 1 },
      after: 15,
    },
    { groupIndex: 4, kind: 'guessed', text: 'The paper cannot bend where it is folded', after: 22 },
  ],
  'rusting-clips': [
    {
      groupIndex: 5,
      kind: 'noticed',
      text: 'brown dots where it touches the water',
      sketch: 'clip.png',
      about: { level: 1, tryNumber: 1, moment: 'day 3' },
      after: 4 * day,
    },
    { groupIndex: 2, kind: 'noticed', text: 'The water has gone yellow', after: 5 * day + hour },
    { groupIndex: 2, kind: 'guessed', text: 'The clip is dissolving', after: 5 * day + hour + 2 },
  ],
  'bean-sprouts': [
    {
      groupIndex: 1,
      kind: 'noticed',
      text: 'The root went round the stone',
      sketch: 'sprout.png',
      after: 3 * day,
      onBoard: true,
    },
    { groupIndex: 3, kind: 'noticed', text: 'In the cupboard the stems are white', after: 3 * day + 20 },
  ],
}
