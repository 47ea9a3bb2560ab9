import { bubbleLifetime } from '.'
import { said, type OwnWords } from '../sentences/said'

export const sentences: OwnWords = {
  starter: bubbleLifetime,
  found: [8, 15, 22, 29],
  wobble: 1.5,
  sentences: said(`
    T The more sugar, the longer the bubbles lasted.
    T More sugar made the bubbles last longer.
    T The bubbles lasted longest with 3 spoons of sugar.
    T With no sugar the bubbles popped soonest.
    T Bubbles with 3 spoons lasted longer than bubbles with 1 spoon.
    T Less sugar made the bubbles pop sooner.
    T The bubble lifetime got longer when we added more sugar.
    T 0 spoons was the shortest.
    T Adding more suger makes the lifetime longer.
    F More sugar made the bubbles pop sooner.
    F The less sugar, the longer the bubbles lasted.
    F Sugar made no difference.
    F The bubbles lasted longest with 0 spoons.
    F The bubbles lasted the same with every amount of sugar.
    F 3 spoons of sugar had the shortest lifetime.
    F 1 spoon lasted longer than 2 spoons.
    F The bubbles didn't last longer with more sugar.
    ? Sugar makes the bubbles sticky.
    ? Bubbles with honey would last for an hour.
  `),
  later: said(`
    ? The bubbles with 3 spoons were bigger.
    T Nothing lasted longer than 3 spoons.
    T 3 spoons made the bubbles last longer than 2 spoons.
    T Bubbles with no sugar popped faster than bubbles with 3 spoons.
    T The bubbles with the most sugar lasted the longest.
    T The most sugar made the longest lasting bubbles.
    T The bubbles took longer to pop with more sugar.
    F The most sugar made the bubbles pop fastest.
    F With more sugar the bubbles popped faster.
    F The bubbles with no sugar lasted longest.
    F Bubbles with 1 spoon took longer to pop than bubbles with 3 spoons.
  `),
}
