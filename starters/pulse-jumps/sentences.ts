import { pulseJumps } from '.'
import { said, type OwnWords } from '../sentences/said'

export const sentences: OwnWords = {
  starter: pulseJumps,
  found: [84, 104, 124, 140],
  wobble: 4,
  sentences: said(`
    T Our hearts were slowest when we did no jumps.
    T The more star jumps we did, the faster our hearts beat.
    T Our pulse was fastest after 30 star jumps.
    T More jumps made our pulse go up.
    T Our hearts beat faster when we did more jumps.
    T After 20 jumps our pulse was higher than after 10 jumps.
    T The pulse rose with more star jumps.
    T 0 jumps gave the fewest heart beats.
    T Our heart rate got quicker the more we jumped.
    F Our hearts slowed down when we jumped more.
    F Our pulse was slowest after 30 star jumps.
    F The more jumps we did, the slower our hearts beat.
    F Jumping made no difference to our pulse.
    F 10 jumps gave more heart beats than 20 jumps.
    F Our pulse was the same after every number of jumps.
    F Fewer jumps made our hearts beat faster.
    F Our hearts didn't beat faster after more jumps.
    ? Running is good for your heart.
    ? My legs hurt.
    ? Our muscles needed more oxygen.
  `),
  later: said(`
    T The pulse went up the more we jumped.
    T Doing more star jumps makes your heart beat faster.
    T Our pulse was lowest with no jumps.
    T 30 jumps made our hearts beat fastest.
    T The fewer jumps we did the slower our hearts beat.
    F Doing more star jumps makes your heart beat slower.
    F 30 jumps gave the lowest pulse.
    F Our pulse went down after more jumps.
  `),
}
