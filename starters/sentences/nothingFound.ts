import { ballBounce } from '../ball-bounce'
import { said, type OwnWords } from './said'

/** Of a bounce test in which the height changed nothing that could be seen. */
export const nothingFoundWords: OwnWords = {
  starter: ballBounce,
  found: [30, 30, 30, 30],
  wobble: 0.5,
  sentences: said(`
    T It bounced about the same from every height.
    T Higher drops did not bounce any higher.
    T The height made no difference.
    T The drop height didn't matter.
    T The ball bounced the same from 25 cm and 100 cm.
    T 100 cm was no better than 25 cm.
    F Height clearly matters.
    F The higher we dropped it, the higher it bounced.
    F 100 cm bounced highest.
    F 25 cm bounced lower than 100 cm.
    F A lower drop made a higher bounce.
    ? Our floor is bumpy.
  `),
  later: said(`
    ? We changed the drop height.
    ? We kept the ball the same.
    T It did not matter how high we dropped it from.
    T The ball came back to the same height each time.
  `),
}
