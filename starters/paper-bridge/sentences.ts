import { paperBridge } from '.'
import { said, type OwnWords } from '../sentences/said'

export const sentences: OwnWords = {
  starter: paperBridge,
  found: [6, 14, 25],
  wobble: 2,
  sentences: said(`
    T Our bridge got stronger every round.
    T The bridges got stronger each time.
    T Round 3 held the most washers.
    T It held more washers each round.
    T The last bridge was the best.
    T Round 1 held the fewest washers.
    T Our bridges held more and more washers.
    T The first bridge was the weakest.
    T Round 2 was better than round 1.
    T Every time we changed it, it held more.
    T Our third bridge held more than the second.
    F The first bridge was the best.
    F Our bridge got weaker every round.
    F Round 1 held the most washers.
    F The bridges held the same number every time.
    F Changing the design made no difference.
    F Round 3 was the weakest.
    F It held fewer washers each round.
    F The second bridge held more than the third one.
    ? Zigzags are strong.
    ? A real bridge is made of steel.
    ? We are proud of our bridge.
  `),
  later: said(`
    T Our bridge kept getting better.
    T It got better and better.
    F Our bridge got worse.
    T The bridge in round 3 was stronger than the bridge in round 1.
    T Each new bridge held more washers than the one before.
    T We got better each round.
    F The bridge in round 1 was stronger than the bridge in round 3.
    F We did worse each time.
    F Each new bridge held fewer washers than the one before.
  `),
}
