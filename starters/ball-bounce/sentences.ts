import { ballBounce } from '.'
import { said, type OwnWords } from '../sentences/said'

export const sentences: OwnWords = {
  starter: ballBounce,
  found: [14, 28, 42, 56],
  wobble: 1,
  sentences: said(`
    T The further it fell, the higher it bounced.
    T The higher we dropped the ball, the higher it bounced.
    T The longer it was falling the higher it bounced.
    T 100 cm gave the biggest bounce and 25 cm gave the smallest.
    T The ball bounced highest from 100 cm and lowest from 25 cm.
    T Every single group got a bigger bounce from higher up.
    T No bounce from 25 cm beat any bounce from 100 cm.
    T A lower drop made a lower bounce.
    T It wasn't as high from 25 cm as from 100 cm.
    T Higher drops gave higher bounces.
    T When we droped it from higher up it bounced higher.
    T The ball bounced more when we dropped it from higher.
    T 75 cm bounced higher than 50 cm.
    T The bounce got bigger as the drop got bigger.
    T Bigger drop, bigger bounce!
    T the higer the drop the higer the bounce
    T From 100 cm it bounced about 42 cm higher than from 25 cm.
    T It bounced higher from 50 cm than from 25 cm and higher from 75 than from 50.
    T If you drop it lower, it does not bounce as high.
    T 25 cm was the lowest bounce.
    T The drop height matters.
    F It didn't bounce higher from higher up.
    F 100 cm was not as bouncy as 25 cm.
    F 25 cm was bouncier than 100 cm.
    F Dropping it from low down is best for a big bounce.
    F The height does not really matter.
    F The ball bounced lower when we dropped it from higher up.
    F The higher the drop, the lower the bounce.
    F It bounced about the same from every height.
    F 25 cm gave the biggest bounce.
    F 50 cm bounced highest.
    F The drop height made no difference to the bounce.
    F 75 cm bounced lower than 50 cm.
    F A bigger drop made a smaller bounce.
    F From 100 cm it bounced 5 cm higher than from 25 cm.
    F The bounce height went down when the drop height went up.
    F The lower we dropped it the higher it bounced.
    F 100 cm was the lowest bounce.
    F It bounced the same from 25 cm and 50 cm.
    ? Balls bounce higher on Mars too.
    ? It only bounced higher by luck.
    ? It bounced higher later on as we got better at it.
    ? Higher up the ball has more energy.
    ? We had fun.
    ? Ours hit the lamp once.
  `),
  later: said(`
    T From 100 cm the ball came up lower than 75 cm.
    ? We used the same ball every time.
    ? All the groups found the same.
    ? We all got the same results.
    ? We changed the drop height.
    T The ball bounced the highest when it was dropped from 100 cm.
  `),
}
