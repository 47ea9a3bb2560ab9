import { firstOf } from '#core/defined'
import { magnetLayers } from '../magnet-layers'
import type { Starter } from '../starter'
import { said, type OwnWords } from './said'

/** One magnet that is dipped into the clips again and again. */
const oneMagnet: Starter = {
  ...magnetLayers,
  plan: {
    ...magnetLayers.plan,
    title: 'One magnet, many tries',
    question: 'How many clips does our magnet hold?',
    comparison: 'variation',
    changed: { name: '', kind: 'kinds', unit: null, range: null },
    levels: [{ ...firstOf(magnetLayers.plan.levels), id: 'magnet', name: 'the magnet', value: null }],
    tries: 8,
  },
}

/** Read: 21 to 25, most of them 22 to 24. */
export const oneMagnetWords: OwnWords = {
  starter: oneMagnet,
  found: [23],
  wobble: 2,
  sentences: said(`
    T Our magnet usually held about 23 clips.
    T It held between 21 and 25 clips.
    T Mostly it held 21 to 25 clips.
    T It was not the same every time.
    T The number of clips varied.
    T It never held more than 25 clips.
    T It held at least 21 clips.
    T The most was 25 and the least was 21.
    T It held fewer than 30 clips every time.
    T On average it held 23.
    T Sometimes it held more and sometimes less.
    T It was around 23.
    F It held 23 clips every time.
    F It was always the same.
    F It usually held 40 clips.
    F The least was 10.
    F It never held more than 20 clips.
    F Mostly it held 30 to 40 clips.
    F The most was 30 clips.
    F It held more than 30 clips.
    F It held between 5 and 10 clips.
    ? Our magnet is very strong.
    ? The clips stuck to each other.
    ? A bigger magnet would hold more.
    ? We counted them twice.
  `),
  later: said(`
    T It usually held about 23 clips, mostly 21 to 25.
    F The magnet always held 23 clips.
    T The number of clips was not always the same.
  `),
}
