import { wickingRace } from '.'
import { said, type OwnWords } from '../sentences/said'

export const sentences: OwnWords = {
  starter: wickingRace,
  // Places: kitchen paper, filter paper, newspaper, writing paper.
  found: [1, 2, 3, 4],
  wobble: 0,
  sentences: said(`
    T Kitchen paper won every race.
    T Kitchen paper was the fastest.
    T Writing paper came last.
    T Writing paper was the slowest.
    T Kitchen paper beat newspaper.
    T Filter paper was faster than newspaper.
    T Kitchen paper came first and writing paper came last.
    T Filter paper came second.
    T The water went up the kitchen paper quickest.
    T Newspaper was slower than filter paper.
    F Writing paper won.
    F Newspaper was the fastest.
    F Kitchen paper was slower than filter paper.
    F Kitchen paper came last.
    F Newspaper beat filter paper.
    F All the papers were as fast as each other.
    F The kind of paper made no difference.
    F Writing paper was faster than newspaper.
    ? Newspaper is for reading.
    ? Kitchen paper has holes in it.
  `),
  later: said(`
    ? Newspaper was the longest strip.
    ? Kitchen paper was the thickest.
    T Kitchen paper was the quickest and writing paper was the slowest.
    F Writing paper was first.
    T Kitchen paper was faster than all the others.
    T Kitchen paper finished before filter paper.
    T Newspaper came third.
    T Writing paper took the longest.
    T The water climbed up kitchen paper fastest.
    F Writing paper finished before newspaper.
    F Newspaper took longer than writing paper.
    F Filter paper won every race.
    F Kitchen paper took the longest.
  `),
}
