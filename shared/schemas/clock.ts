import { wholeNumber } from './common'
import { byKind, choice, object } from './typed'

/** The longest that a step can be given at once, in seconds. */
const mostMore = 3600

/** What is pressed on the clock of a class, with the version that was on the screen: of two who press at once, one does. */
export const clockActSchema = object({
  act: byKind({
    start: {},
    pause: {},
    goOn: {},
    next: {},
    back: {},
    more: { seconds: wholeNumber(1, mostMore) },
    end: { how: choice('cut', 'later') },
    race: {},
    noRace: {},
  }),
  version: wholeNumber(0, Number.MAX_SAFE_INTEGER),
})
